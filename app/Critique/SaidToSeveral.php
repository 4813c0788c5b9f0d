<?php

declare(strict_types=1);

namespace App\Critique;

/** What came of a remark to several, for as long as it can be taken back. */
final readonly class SaidToSeveral
{
    /**
     * @param  list<int>  $notes  that were written
     * @param  array<int, array{decision: string, wording: ?string}>  $findings  as they were before, by number
     * @param  list<string>  $tooLate  students whose return had gone out meanwhile
     */
    public function __construct(public array $notes = [], public array $findings = [], public array $tooLate = [])
    {
    }

    public function count(): int
    {
        return count($this->notes) + count($this->findings);
    }
}
