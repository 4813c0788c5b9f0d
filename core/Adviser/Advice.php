<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** What the adviser answers. */
final readonly class Advice
{
    /** @param  list<Suggestion>  $suggestions  the best first; what comes nearest where nothing meets every demand */
    public function __construct(public array $suggestions, public ?Impossible $impossible, public ?ExposureMap $map)
    {
    }

    /**
     * @return array{
     *     suggestions: list<array<string, mixed>>,
     *     impossible: ?array<string, mixed>,
     *     map: ?array<string, mixed>,
     * }
     */
    public function toArray(): array
    {
        return [
            'suggestions' => array_map(fn (Suggestion $suggestion): array => $suggestion->toArray(),
                $this->suggestions),
            'impossible' => $this->impossible?->toArray(),
            'map' => $this->map?->toArray(),
        ];
    }
}
