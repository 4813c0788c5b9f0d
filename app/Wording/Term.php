<?php

declare(strict_types=1);

namespace App\Wording;

/** A word of the trade with what it means. */
final readonly class Term
{
    /**
     * @param  list<string>  $also  other forms of it
     * @param  string  $says  a sentence or two
     * @param  ?string  $drawing  a small drawing that helps, by its name
     */
    private function __construct(
        public string $id,
        public string $term,
        public array $also,
        public string $says,
        public ?string $drawing,
    ) {
    }

    /** @param  array{id: string, term: string, also?: list<string>, says: string, drawing?: string}  $data */
    public static function of(array $data): self
    {
        return new self($data['id'], $data['term'], $data['also'] ?? [], $data['says'], $data['drawing'] ?? null);
    }
}
