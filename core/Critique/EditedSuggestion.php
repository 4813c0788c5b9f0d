<?php

declare(strict_types=1);

namespace TruePupil\Core\Critique;

use TruePupil\Core\Adviser\ExposureMap;
use TruePupil\Core\Adviser\Suggestion;

/** A suggestion in somebody's own values, with what became of them. */
final readonly class EditedSuggestion
{
    /**
     * @param  ExposureMap  $map  with the suggestion on it, for its own lens, support and filter
     * @param  list<string>  $held  values that lens or camera did not allow, and what they were brought to
     */
    public function __construct(public Suggestion $suggestion, public ExposureMap $map, public array $held)
    {
    }
}
