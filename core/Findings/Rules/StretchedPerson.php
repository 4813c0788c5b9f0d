<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Optics\RectilinearStretch;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A person near the edge of a wide-angle picture, pulled out of shape. */
#[Declared('lens.stretched-person', Topic::Lens)]
final class StretchedPerson extends FindingRule
{
    /** A ball longer than wide by this looks like an egg. */
    private const SHOWS = 1.15;

    private const DISTURBS = 1.25;

    public function needs(): array
    {
        return [Need::FocalLength, Need::Format, Need::Subject];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$focalLength, $format, $subject] = [
            $situation->record->lens->focalLength,
            $situation->format(),
            $situation->measures->subject,
        ];
        if (
            ! $situation->statement->intent->contents->person ||
            $focalLength === null ||
            $format === null ||
            $subject === null
        ) {
            return null;
        }
        $region = $subject->region;
        // The corner of the mark that lies farthest from the middle is stretched most.
        $worst = RectilinearStretch::at($focalLength, $format, 0.5, 0.5);
        foreach ([$region->x, $region->x + $region->width] as $x) {
            foreach ([$region->y, $region->y + $region->height] as $y) {
                $here = RectilinearStretch::at($focalLength, $format, $x, $y);
                $worst = $here->ratio > $worst->ratio ? $here : $worst;
            }
        }
        if ($worst->ratio < self::SHOWS) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $worst->ratio >= self::DISTURBS ? Severity::Weakness : Severity::Choice,
            sentence: sprintf(
                'At %s mm things %.0f° from the middle come out %.0f %% longer than wide, and a person that far out '.
                    'is pulled outwards. Bring people towards the middle, step back, or take a longer focal length.',
                round($focalLength),
                $worst->angle,
                100 * ($worst->ratio - 1),
            ),
            evidence: [
                new Evidence('length against width', $worst->ratio, '', self::SHOWS, self::SHOWS - $worst->ratio),
            ],
            source: 'Rectilinear projection: radial 1/cos²θ against tangential 1/cosθ.',
        );
    }
}
