<?php

declare(strict_types=1);

namespace App\Critique;

use RuntimeException;
use TruePupil\Core\Adviser\Suggestion;

/** Another suggestion was kept since this one was begun: both, for whoever came later to choose from. */
final class StaleSuggestion extends RuntimeException
{
    public function __construct(public readonly Suggestion $theirs)
    {
        parent::__construct(
            'Another suggestion was kept for this frame while you were at yours. Theirs is below; yours is still in '.
                'the fields, and the button lets it go instead.',
        );
    }
}
