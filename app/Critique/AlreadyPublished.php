<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Attempt;
use RuntimeException;

/** Somebody else has published the critique; what came later is kept beside it. */
final class AlreadyPublished extends RuntimeException
{
    public static function by(Attempt $attempt, bool $isKept): self
    {
        $at = $attempt->corrected_at ?? $attempt->returned_at;

        return new self(sprintf(
            '%s published this%s. %s',
            $attempt->publishedBy->name ?? 'Somebody else',
            $at === null ? '' : ', '.$attempt->setBrief->course->formatMoment($at),
            $isKept
                ? 'Your text did not go out; it is kept under the earlier versions of the message: correct the return '.
                    'to use it.'
                : 'It is the text that you have before you.',
        ));
    }
}
