<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Metering\PatternMeter;
use TruePupil\Core\Modes\ExposureRequest;
use TruePupil\Core\Modes\FinderDisplay;
use TruePupil\Core\Modes\SolvedExposure;

/** What the camera makes of a scene before the shutter is pressed. */
final readonly class FinderReading
{
    /**
     * @param  PatternMeter  $patterns  of the light, on a scale where 0.18 is what EV100 0 renders as mid-grey
     * @param  float  $meteredEv100  the pattern's verdict on the light
     */
    public function __construct(
        public Rendering $rendering,
        public ExposureRequest $request,
        public SolvedExposure $solved,
        public FinderDisplay $display,
        public PatternMeter $patterns,
        public float $meteredEv100,
    ) {
    }

    public function settings(): ExposureSettings
    {
        return $this->solved->settings;
    }

    /** Where the pattern says that the frame will lie, in stops from mid-grey; a filter's loss counted. */
    public function meter(): Stops
    {
        return Stops::of($this->meteredEv100 - $this->request->filterStops - $this->settings()->ev100()->value);
    }

    /**
     * What each pattern would say of these settings, in stops from mid-grey.
     *
     * @return array<string, Stops>
     */
    public function verdicts(): array
    {
        $verdicts = [];
        $patterns = [
            MeteringPattern::Scene,
            MeteringPattern::Centre,
            MeteringPattern::Spot,
            MeteringPattern::Highlight,
        ];
        foreach ($patterns as $pattern) {
            $says = $this->patterns->verdict($pattern);
            if ($says !== null) {
                $verdicts[$pattern->value] = Stops::of(
                    Ev100::of($says->value)->value - $this->request->filterStops - $this->settings()->ev100()->value,
                );
            }
        }

        return $verdicts;
    }
}
