<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings;

use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/**
 * One kind of finding. A rule looks at one situation and either notices something or does not; what it needs to know is
 * declared, so that a missing input is asked for instead of guessed.
 */
interface FindingRule
{
    /** Stable id, "topic.kind"; stored with decisions about it. */
    public function id(): string;

    /** @return list<Need> */
    public function needs(): array;

    /** Called only when all its needs are known. */
    public function judge(Situation $situation): ?Finding;
}
