<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\StopIncrement;
use TruePupil\Core\Kit\Support;

/** One combination that the search weighed. */
final readonly class Candidate
{
    /**
     * @param  array<string, float>  $violations
     *   demands that it misses, in stops; "light" is signed, positive too bright
     */
    public function __construct(
        public LensChoice $choice,
        public Demands $demands,
        public Support $support,
        public float $filter,
        public float $av,
        public float $tv,
        public float $sv,
        public float $cost,
        public array $violations = [],
    ) {
    }

    public function meets(): bool
    {
        return $this->violations === [];
    }

    public function settings(StopIncrement $increment): ExposureSettings
    {
        $widest = $this->choice->lens->widestAt($this->choice->focalLength);

        return new ExposureSettings(
            abs($this->av - $widest->apex()) < 1e-9 ? $widest : Aperture::nearest(2 ** ($this->av / 2), $increment),
            ExposureTime::nearest(2 ** -$this->tv, $increment),
            Iso::nearest(100 * 2 ** $this->sv),
        );
    }
}
