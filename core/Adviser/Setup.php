<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Kit\Support;

/** What stands before the dials are turned: lens and focal length, support, filter, and what they demand. */
final readonly class Setup
{
    /** Stops: less is rounding. */
    private const NOTICED = 1e-6;

    public function __construct(
        public LensChoice $choice,
        public Demands $demands,
        public Support $support,
        /** Stops that the filter takes; 0 for none. */
        public float $filter,
    ) {
    }

    /** What of the light comes through filter and lens, as an exposure at ISO 100. */
    public function light(AdviceRequest $request): float
    {
        return $request->light->value - $this->filter - $this->demands->lightLost -
            // What a frame was exposed with has the age of its film in it.
            ($request->taken === null ? $request->kit->film?->ageing()->value ?? 0.0 : 0.0);
    }

    /** @param  array<string, float>  $violations */
    public function candidate(float $av, float $tv, float $sv, float $cost, array $violations = []): Candidate
    {
        return new Candidate(
            $this->choice,
            $this->demands,
            $this->support,
            $this->filter,
            $av,
            $tv,
            $sv,
            $cost,
            $violations,
        );
    }

    /**
     * What settings miss, in stops; "light" is signed, positive too bright.
     *
     * @param  float  $wanted  Tv that the light asks for with this aperture and ISO
     * @return array<string, float>
     */
    public function missed(float $wanted, float $av, float $tv, float $sv): array
    {
        $demands = $this->demands;
        // A longer exposure than the light wants is too bright, a shorter one too dark.
        $light = abs($wanted - $tv) > Grid::BALANCED ? ['light' => $wanted - $tv] : [];

        return [
            ...$light,
            ...array_filter(
                [
                    'depth' => $demands->aperture->depth === null ? 0.0 : $demands->aperture->depth - $av,
                    'separation' => $demands->aperture->separation === null ? 0.0
                        : $av - $demands->aperture->separation,
                    'shake' => $demands->time->shake === null ? 0.0 : $demands->time->shake - $tv,
                    'movement' => $demands->time->movement === null ? 0.0 : $demands->time->movement - $tv,
                    'look' => $demands->time->look === null ? 0.0 : $tv - $demands->time->look,
                    'noise' => $sv - $demands->iso->ceiling,
                ],
                fn (float $stops): bool => $stops > self::NOTICED,
            ),
        ];
    }
}
