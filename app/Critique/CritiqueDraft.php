<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\User;

/** The message to the student and the suggestions chosen, as the instructor has them so far. */
final readonly class CritiqueDraft
{
    /**
     * @param  ?string  $summary  null where nothing is said of it
     * @param  array<int|string, int>  $suggestions  number of the one that was chosen, by frame id
     * @param  ?int  $revision  of the message that it was written on; null where that is not known
     * @param  string  $page  a mark of the page, so that nobody is in their own way
     */
    public function __construct(
        public ?string $summary,
        public array $suggestions,
        public ?int $revision = null,
        public string $page = '',
        public ?User $by = null,
    ) {
    }
}
