<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Attempt;
use App\Models\SummaryVersion;
use RuntimeException;

/** Somebody else has changed the message since it was read: both texts, for whoever came later to choose from. */
final class StaleSummary extends RuntimeException
{
    public function __construct(
        public readonly Attempt $attempt,
        public readonly SummaryVersion $theirs,
        public readonly string $yours,
        public readonly bool $isOwn,
    ) {
        parent::__construct(($isOwn
            ? 'You have changed this message in another window.'
            : $theirs->writer().' has changed this message while you were writing.').
            ' Both texts are here: choose, or join them.');
    }
}
