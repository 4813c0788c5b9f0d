<?php

declare(strict_types=1);

namespace App\Accounts;

/** A line of a list of people, with what will happen to it. */
final readonly class ListedPerson
{
    /** @param  ?string  $problem  why nothing will happen; null where the person is invited */
    public function __construct(
        public int $line,
        public string $name,
        public string $address,
        public ?string $problem = null,
    ) {
    }
}
