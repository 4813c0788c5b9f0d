<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/** What the camera was set to make of the sensor's values, in the words of its maker's notes. */
final readonly class RecordedProcessing
{
    /** Words that files record for a rendering without additions. */
    private const PLAIN_STYLE = '/standard|neutral|natural|normal|faithful|flat|auto/i';

    /**
     * @param  ?string  $style  picture style
     * @param  ?string  $highIsoNoise  noise reduction at high ISO
     * @param  ?string  $longExposureNoise  noise reduction by a dark frame after each long exposure
     */
    public function __construct(
        public ?string $style = null,
        public ?string $highIsoNoise = null,
        public ?string $longExposureNoise = null,
    ) {
    }

    public static function of(FileTags $tags): self
    {
        return new self(
            $tags->maker('PictureStyle', 'PictureControlName', 'CreativeStyle', 'FilmMode', 'PhotoStyle', 'ColorMode',
                'PictureMode'),
            $tags->maker('HighISONoiseReduction', 'NoiseReduction', 'NoiseFilter'),
            $tags->maker('LongExposureNoiseReduction', 'LongExposureNoiseReduction2'),
        );
    }

    /** Whether the style adds nothing to the picture; null where none is recorded. */
    public function isPlain(): ?bool
    {
        // A bare number names no style to anybody.
        return $this->style === null || is_numeric($this->style)
            ? null
            : preg_match(self::PLAIN_STYLE, $this->style) === 1;
    }

    /** Whether a word of the notes says that something is switched off; null where there is none. */
    public static function isOff(?string $words): ?bool
    {
        return $words === null ? null : preg_match('/^(off|no|none|0|disable|disabled)\b/i', $words) === 1;
    }
}
