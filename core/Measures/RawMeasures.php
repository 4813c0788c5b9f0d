<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Tone\RawCodes;
use TruePupil\Core\Tone\RawTones;
use TruePupil\Core\Tone\ToneMeasures;

/** What the raw file of a frame holds, beside what the camera's own rendering of it shows. */
final readonly class RawMeasures
{
    /** Shares of the picture by which the two are laid over each other: tones that no curve bends much. */
    private const ALIKE = [0.3, 0.4, 0.5, 0.6, 0.7];

    /** Stops from mid-grey within which a rendering follows the light. */
    private const STRAIGHT = [-4.0, 1.0];

    public function __construct(public RawTones $frame, public ?RawTones $subject = null)
    {
    }

    /**
     * Stops that the sensor still tells apart above the tones that a rendering shows as white; null where it shows
     * none so.
     */
    public function heldBeyond(ToneMeasures $rendering): ?float
    {
        $share = $rendering->lostHighlightsPct / 100;

        return $share < RawTones::GLINTS ? null : $this->frame->roomAbove($share);
    }

    /**
     * Where the end of the green channel lies from the mid-grey of a rendering, in stops: middle tones of both are laid
     * over each other. Null where they are too dark or too light for that.
     */
    public function endFromMidGrey(ToneMeasures $rendering): ?float
    {
        $ends = [];
        foreach (self::ALIKE as $share) {
            $shown = $rendering->statistics->luminance->percentileStops($share);
            $held = RawCodes::stops($this->frame->green->percentileCode($share));
            if ($held !== null && $shown > self::STRAIGHT[0] && $shown < self::STRAIGHT[1]) {
                $ends[] = $shown - $held;
            }
        }
        sort($ends);

        return $ends === [] ? null : $ends[intdiv(count($ends), 2)];
    }

    /** What the same scene comes to with so many stops more light. */
    public function brightened(Stops $stops): self
    {
        return new self($this->frame->brightened($stops), $this->subject?->brightened($stops));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $part = fn (RawTones $tones): array => [
            'lostPctByChannel' => $tones->lostPctByChannel(),
            'headroomStops' => $tones->headroom(),
            'firstChannel' => $tones->first(),
            'histogram' => $tones->toArray(),
        ];

        return [
            'frame' => $part($this->frame),
            ...$this->subject === null ? [] : ['subject' => $part($this->subject)],
        ];
    }
}
