<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** Why nothing meets every demand, and what would help, the simplest first. */
final readonly class Impossible
{
    /** @param  list<Remedy>  $wouldHelp  each of them is enough */
    public function __construct(public string $reason, public array $wouldHelp)
    {
    }

    /**
     * @return array{
     *     reason: string,
     *     wouldHelp: list<array<string, mixed>>,
     * }
     */
    public function toArray(): array
    {
        return [
            'reason' => $this->reason,
            'wouldHelp' => array_map(fn (Remedy $remedy): array => $remedy->toArray(), $this->wouldHelp),
        ];
    }
}
