<?php

declare(strict_types=1);

namespace App\Critique;

use App\HandIn\PictureReadings;
use App\Models\Frame;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Brief\Placement;
use TruePupil\Core\Checks\CheckEvaluation;
use TruePupil\Core\Checks\CheckResult;
use TruePupil\Core\Checks\Measures;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Focus\AreaFocus;
use TruePupil\Core\Measures\RawMeasures;
use TruePupil\Core\Measures\SubjectMeasures;
use TruePupil\Core\Situation\Assignment;
use TruePupil\Core\Situation\Situation;

/** What a rectangle round the subject comes to before it is kept. */
final readonly class SubjectGlance
{
    /** @param  list<CheckResult>  $checks  of the brief, that follow from the subject */
    private function __construct(
        public SubjectMeasures $subject,
        public ?AreaFocus $focus,
        public ?RawMeasures $raw,
        public ?Placement $wanted,
        public array $checks,
    ) {
    }

    /**
     * Nothing of it is stored.
     *
     * @param  list<Mark>  $marks  what else was drawn, such as taps that correct its outline
     * @param  ?string  $placement  which subject of the brief it is said to be
     * @return ?self null while the picture has not been read
     *
     * @throws \TruePupil\Core\Capture\UnreadablePicture when the picture has to be decoded anew and cannot be
     */
    public static function of(
        Frame $frame,
        Region $region,
        ?string $placement,
        PictureReadings $readings,
        array $marks = [],
    ): ?self {
        $record = $frame->record();
        if ($record === null) {
            return null;
        }
        $measures = $readings->measured($frame->picture)->glance($region, new Marks($region, $marks));
        if ($measures->subject === null) {
            return null;
        }
        $brief = $frame->attempt->content();
        // What these checks look at needs neither kit nor plan nor the other frames.
        $situation = new Situation(
            $record,
            $measures,
            new Approach(),
            new Assignment(
                wanted: $brief->placement($placement),
                brief: $brief,
                row: $brief->row($frame->row)?->id,
            ),
        );
        $asked = array_filter(
            $brief->checks,
            fn (Check $check): bool => Measures::of($check->measure->id)->followsFromSubject()
                && ($check->row === null || $check->row === $frame->row),
        );
        $results = array_map(fn (Check $check): CheckResult => CheckEvaluation::one($check, $situation), $asked);

        return new self(
            $measures->subject,
            $measures->focus?->subject,
            $measures->raw(),
            $situation->assignment->wanted,
            array_values(
                array_filter($results, fn (CheckResult $result): bool => $result->verdict !== Verdict::Unknown),
            ),
        );
    }
}
