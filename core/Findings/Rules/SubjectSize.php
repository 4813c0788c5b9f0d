<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\SubjectSharePct;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A subject that is lost in the frame, or has no room left in it. */
#[Declared('composition.subject-size', Topic::Composition, contradictedBy: [SubjectSharePct::class])]
final class SubjectSize extends FindingRule
{
    public function needs(): array
    {
        return [Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        $region = $situation->measures->subject?->region;
        if ($region === null) {
            return null;
        }
        if ($situation->statement->intent->idea === Idea::SmallFigure) {
            return $this->figure($region->sharePct());
        }
        $shape = $situation->measures->subject->shape;
        $small = $region->sharePct() < Thresholds::SUBJECT_SMALL;
        // A group's rectangle holds more than the group: what fills the frame is told by the shape.
        $share = $small ? $region->sharePct() : $shape?->sharePct() ?? 0.0;
        if (! $small && $share <= Thresholds::SUBJECT_LARGE) {
            return null;
        }
        $focalLength = $situation->record->lens->focalLength;
        // The area grows with the square of the focal length.
        $times = sqrt(($small ? 3 * Thresholds::SUBJECT_SMALL : 0.6 * Thresholds::SUBJECT_LARGE) / $share);

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Choice,
            sentence: $small
                ? sprintf(
                    'The subject takes %.1f %% of the frame and is easily overlooked. Go in to %.1f of the '.
                        'distance%s, or make the emptiness the point of it.',
                    $share,
                    1 / $times,
                    $focalLength === null
                        ? ''
                        : sprintf(
                            ', or use %s from the same spot',
                            $situation->focalLengthInWords($focalLength * $times),
                        ),
                )
                : sprintf(
                    'The subject takes %.0f %% of the frame; nothing is left round it. Step back, or go closer still '.
                        'and make it a detail.',
                    $share,
                ),
            evidence: [
                new Evidence(
                    'share of the frame',
                    $share,
                    '%',
                    $small ? Thresholds::SUBJECT_SMALL : Thresholds::SUBJECT_LARGE,
                    $small ? $share - Thresholds::SUBJECT_SMALL : Thresholds::SUBJECT_LARGE - $share,
                ),
            ],
            source: 'The mark of the subject. Coming nearer changes perspective, a longer lens does not.',
        );
    }

    /** A figure that is meant to be small, so that the space round it is felt. */
    private function figure(float $share): Finding
    {
        [$isFound, $isSmall] = [$share >= Thresholds::FIGURE_LOST, $share <= Thresholds::FIGURE_SMALL];

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $isFound && $isSmall ? Severity::Praise : Severity::Weakness,
            sentence: sprintf(
                'You wanted it small in a wide space, and it takes %.1f %% of the frame: %s',
                $share,
                match (true) {
                    ! $isFound => 'nobody finds it. Come a little nearer, or put it before something plain.',
                    $isSmall => 'the space is felt.',
                    default => 'the space is no longer felt. Step back, or take a shorter lens.',
                },
            ),
            evidence: [
                new Evidence(
                    'share of the frame',
                    $share,
                    '%',
                    $isFound ? Thresholds::FIGURE_SMALL : Thresholds::FIGURE_LOST,
                    $isFound ? Thresholds::FIGURE_SMALL - $share : $share - Thresholds::FIGURE_LOST,
                ),
            ],
            source: 'The mark of the subject, and the idea that was declared.',
        );
    }
}
