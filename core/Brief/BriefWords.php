<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

/** What a brief says to a student. */
final readonly class BriefWords
{
    /**
     * @param  list<string>  $task  what to do, step by step
     * @param  list<string>  $cautions
     * @param  list<string>  $prompts  what to think about while planning
     * @param  ?PhoneWay  $phone  null where nobody has said how it is done with a phone
     */
    public function __construct(
        public string $title,
        public string $purpose,
        public array $task,
        public array $cautions,
        public array $prompts = [],
        public ?PhoneWay $phone = null,
    ) {
    }
}
