<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Practice\BriefExamples;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Checks\Measures\PlanGiven;
use TruePupil\Core\Checks\Measures\PlanMinutesOff;
use TruePupil\Core\Checks\Measures\PlanSettingsOff;
use TruePupil\Core\Checks\Measures\SaidReason;

/** A brief in the library: whose it is, what it takes, and whether the course has it. */
final readonly class ShelvedBrief
{
    /**
     * @param  bool  $isOwn  the instructor's own
     * @param  ?string  $sharedBy  whoever teaches the course too, and made it
     * @param  ?int  $setBrief  as it is set to the course
     * @param  ?int  $setRevision  the newest that is set
     */
    public function __construct(
        public Brief $brief,
        public bool $isOwn,
        public ?string $sharedBy,
        public ?int $setBrief,
        public ?int $setRevision,
    ) {
    }

    public function isSet(): bool
    {
        return ($this->setRevision ?? 0) >= $this->brief->revision;
    }

    /** The address of a frame that meets it, or of the scene that it can be tried in; null where there is neither. */
    public function picture(): ?string
    {
        return BriefExamples::picture($this->brief);
    }

    /** What it takes, in a line. */
    public function takes(): string
    {
        $brief = $this->brief;
        $measures = array_map(fn ($check): string => $check->measure->id, $brief->checks);
        $has = fn (string ...$any): bool => array_intersect($measures, $any) !== [];

        return implode(' · ', array_filter([
            $brief->most() === 1 ? 'one frame' : $brief->frames->least.' frames',
            $has(PlanGiven::ID, PlanSettingsOff::ID, PlanMinutesOff::ID) ? 'a plan' : null,
            $has(SaidReason::ID) ? 'a reason' : null,
            count($brief->checks) === 1 ? 'one check' : count($brief->checks).' checks',
        ]));
    }
}
