<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\AttemptStep;
use App\Models\User;
use App\Models\WhatIf;

final class WhatIfPolicy
{
    public function __construct(private readonly AttemptPolicy $attempts)
    {
    }

    /** Whoever critiques sees it at once; its student with the return. */
    public function view(User $user, WhatIf $whatIf): bool
    {
        $attempt = $whatIf->frame->attempt;

        return $this->attempts->critique($user, $attempt) || $this->attempts->readReturn($user, $attempt);
    }

    public function delete(User $user, WhatIf $whatIf): bool
    {
        return $whatIf->author_id === $user->id &&
            $this->attempts->critique($user, $whatIf->frame->attempt) &&
            $whatIf->frame->attempt->allows(AttemptStep::Critique);
    }
}
