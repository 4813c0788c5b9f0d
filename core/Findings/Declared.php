<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings;

use Attribute;
use TruePupil\Core\Checks\Measure;

/** What a rule says of itself. */
#[Attribute(Attribute::TARGET_CLASS)]
final readonly class Declared
{
    /**
     * @param  string  $id  stable, "topic.kind"; stored with decisions about it
     * @param  list<class-string<FindingRule>>  $explains
     *   rules whose finding is a consequence of this one: it is told with its cause, and not beside it
     * @param  list<class-string<Measure>>  $contradictedBy
     *   what a brief may ask of the same thing: where that is met, the brief was read first, and this is not said
     * @param  bool  $isSaidOnce  whether a student of a course hears it once: it is a habit, and no news a second time
     */
    public function __construct(
        public string $id,
        public Topic $topic,
        public array $explains = [],
        public array $contradictedBy = [],
        public bool $isSaidOnce = false,
    ) {
    }
}
