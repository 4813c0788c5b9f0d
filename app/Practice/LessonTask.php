<?php

declare(strict_types=1);

namespace App\Practice;

/** What is tried in a lesson, and what comes out. */
final readonly class LessonTask
{
    /** @param  array<string, string>  $set  where the controls stand in the answer */
    public function __construct(public string $try, public string $answer, public array $set)
    {
    }
}
