<?php

declare(strict_types=1);

namespace App\Watch;

/** How one part of the service is. */
final readonly class Part
{
    /**
     * @param  string  $says  in words, without personal data
     * @param  bool  $isNeeded  whether a node without it can answer nobody
     * @param  array<string, int|float|string>  $figures  by name
     */
    private function __construct(
        public bool $ok,
        public string $says,
        public bool $isNeeded = false,
        public array $figures = [],
    ) {
    }

    /** @param  array<string, int|float|string>  $figures */
    public static function well(string $says, array $figures = []): self
    {
        return new self(true, $says, figures: $figures);
    }

    /** @param  array<string, int|float|string>  $figures */
    public static function wrong(string $says, array $figures = [], bool $isNeeded = false): self
    {
        return new self(false, $says, $isNeeded, $figures);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['ok' => $this->ok, 'says' => $this->says, ...$this->figures];
    }
}
