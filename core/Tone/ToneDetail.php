<?php

declare(strict_types=1);

namespace TruePupil\Core\Tone;

/** What follows from a picture's counts: room left on the right, flatness, and the risk of steps in smooth tones. */
final readonly class ToneDetail
{
    private function __construct(
        /** Stops between the brightest thousandth and white. */
        public float $headroomStops,
        /** Stops between the twentieth parts at both ends: small is flat. */
        public float $spreadStops,
        /** Of the codes between the darkest and the brightest hundredth, the share that no pixel has, %. */
        public float $missingCodesPct,
    ) {
    }

    public static function of(ToneMeasures $tone): self
    {
        $histogram = $tone->statistics->luminance;
        $white = Srgb::stopsFromMidGrey(1.0);

        return new self(
            max(0.0, $white - $histogram->percentileStops(0.999)),
            $histogram->percentileStops(0.95) - $histogram->percentileStops(0.05),
            $histogram->emptyPct($histogram->percentileCode(0.01), $histogram->percentileCode(0.99)),
        );
    }

    /** @return array{headroomStops: float, spreadStops: float, missingCodesPct: float} */
    public function toArray(): array
    {
        return [
            'headroomStops' => $this->headroomStops,
            'spreadStops' => $this->spreadStops,
            'missingCodesPct' => $this->missingCodesPct,
        ];
    }
}
