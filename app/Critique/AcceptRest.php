<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Attempt;
use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\User;

/** Accepts every finding of an attempt that nobody has decided on. */
final class AcceptRest
{
    /**
     * @return int how many
     *
     * @throws CritiquePublished
     */
    public function handle(Attempt $attempt, User $instructor): int
    {
        return ChangeCritique::of(
            $attempt->id,
            'its findings can no longer change',
            fn (Attempt $attempt): int => FrameFinding::undecided($attempt)->update([
                'decision' => Decision::Accepted,
                'decided_by' => $instructor->id,
            ]),
        );
    }
}
