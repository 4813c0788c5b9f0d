<?php

declare(strict_types=1);

namespace App\Skills;

use TruePupil\Core\Findings\Severity;

/** What was said of one topic in one attempt, the heaviest first. */
final readonly class SkillPoint
{
    /** @param  list<string>  $sentences */
    public function __construct(public Severity $severity, public array $sentences)
    {
    }
}
