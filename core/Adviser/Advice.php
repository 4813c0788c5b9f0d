<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** What the adviser answers. */
final readonly class Advice
{
    /**
     * @param  list<Suggestion>  $suggestions  the best first; what comes nearest where nothing meets every demand
     * @param  list<LadderStep>  $ladder  how the first was come to, step by step
     */
    public function __construct(
        public array $suggestions,
        public ?Impossible $impossible,
        public ?ExposureMap $map,
        public array $ladder = [],
    ) {
    }

    /**
     * @return array{
     *     suggestions: list<array<string, mixed>>,
     *     impossible: ?array<string, mixed>,
     *     map: ?array<string, mixed>,
     *     ladder: list<array{step: string, leaves: string}>,
     * }
     */
    public function toArray(): array
    {
        return [
            'suggestions' => array_map(fn (Suggestion $suggestion): array => $suggestion->toArray(),
                $this->suggestions),
            'impossible' => $this->impossible?->toArray(),
            'map' => $this->map?->toArray(),
            'ladder' => array_map(fn (LadderStep $step): array => $step->toArray(), $this->ladder),
        ];
    }
}
