<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Film past its date, exposed as if it were fresh. */
#[Declared('film.expired', Topic::Film)]
final class FilmExpired extends FindingRule
{
    public function needs(): array
    {
        return [Need::Iso];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$film, $index] = [$situation->kit?->film, $situation->record->exposure->iso];
        if ($film === null || $index === null || $film->ageing()->inThirds() < 1) {
            return null;
        }
        $short = $film->ageing()->minus($film->generosity($index));
        if ($short->inThirds() < 1) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                '%s is %s years past its date and has lost about %s. Expose it as %s, and keep a frame for a test.',
                ucfirst($film->name),
                round($film->yearsExpired),
                $film->ageing()->inWords(),
                Iso::nearest($film->boxSpeed->exact / $film->ageing()->ratio()),
            ),
            evidence: [
                new Evidence(
                    'light given for age',
                    $film->generosity($index)->value,
                    'stops',
                    $film->ageing()->value,
                    -$short->value,
                ),
            ],
            source: 'About a stop in ten years at room temperature; cold keeping halves it.',
        );
    }
}
