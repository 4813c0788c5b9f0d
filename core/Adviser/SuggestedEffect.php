<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** What a suggestion gains and what it costs. */
final readonly class SuggestedEffect
{
    /**
     * @param  list<string>  $gains
     * @param  list<string>  $costs
     * @param  bool  $meets  every demand of the intent is met and the light balanced
     * @param  list<string>  $fixes  ids of the findings that these settings would do away with
     */
    public function __construct(
        public array $gains,
        public array $costs,
        public bool $meets = true,
        public array $fixes = [],
    ) {
    }
}
