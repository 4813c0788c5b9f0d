<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\PracticeCamera\MoonDisc;

/** One of the lights that a scene can be in. */
final readonly class SceneLight
{
    /**
     * @param  list<float>  $candelasPerUnit  cd/m² of a value of 1 in each of the scene's plates
     * @param  float  $kelvin  the light's colour temperature
     * @param  float  $pulses
     *   how deeply the lamps of the first plate pulse with the current: 0 steady, 1 dark between pulses
     */
    public function __construct(
        public string $id,
        public string $title,
        public array $candelasPerUnit,
        public float $kelvin,
        public ?MoonDisc $moon,
        public float $pulses = 0.0,
    ) {
    }

    /**
     * The plates of the scene that shine in this light.
     *
     * @return array<int, string>  file names, by their place among the plates
     */
    public function lit(Scene $scene): array
    {
        return array_filter(
            $scene->files->plates,
            fn (int $index): bool => (float) $this->candelasPerUnit[$index] > 0.0,
            ARRAY_FILTER_USE_KEY,
        );
    }
}
