<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\FilmRating;
use TruePupil\Core\Checks\Measures\FilmExposureIndexStops;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Film\FilmKind;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Film exposed at another index than its box says, held against what its kind forgives. */
#[Declared('film.exposure-index', Topic::Film, contradictedBy: [FilmExposureIndexStops::class])]
final class FilmExposureIndex extends FindingRule
{
    /** Stops. */
    private const GENEROUS = 1.0 + 1e-6;

    public function needs(): array
    {
        return [Need::Iso];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$film, $index] = [$situation->kit?->film, $situation->record->exposure->iso];
        if ($film === null || $index === null) {
            return null;
        }
        $generous = $film->beyondDevelopment($index);
        $isKept = $film->exposureIndex !== null && $film->exposureIndex->stopsMoreThan($index)->inThirds() === 0;
        // A course that exposes negative film generously takes a stop more as it is meant.
        $isMeant =
            $situation->approach->light->filmRating === FilmRating::Generous &&
            $film->kind !== FilmKind::Slide &&
            $generous->value > 0 &&
            $generous->value <= self::GENEROUS;
        // What age asks for is no generosity; another rule speaks of it.
        $isForAge = $generous->value > 0 && $generous->value <= $film->ageing()->value + 1 / 6;
        [$under, $over] = $film->kind->latitude();
        $isInside = $generous->value >= $under - 1e-9 && $generous->value <= $over + 1e-9;
        // The roll's own index is a choice that was made and is kept to.
        if ($generous->inThirds() === 0 || $isMeant || $isForAge || ($isKept && $isInside)) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $isInside ? Severity::Choice : Severity::Fault,
            sentence: sprintf(
                '%s has a box speed of %s%s and was exposed at %s: %s %s. %s',
                ucfirst($film->name),
                $film->boxSpeed,
                match (true) {
                    $film->exposureIndex !== null => sprintf(', is rated at %s', $film->exposureIndex),
                    $film->pushed > 0.0 => sprintf(', is pushed to %s', $film->developedSpeed()),
                    $film->pushed < 0.0 => sprintf(', is pulled to %s', $film->developedSpeed()),
                    default => '',
                },
                $index,
                $generous->inWords(),
                $generous->value > 0 ? 'more light' : 'less light',
                $isInside
                    ? sprintf('A %s forgives that; note it on the roll.', $film->kind->label())
                    : sprintf(
                        'A %s forgives from %s to %s; tell the lab, or keep to the box.',
                        $film->kind->label(),
                        Stops::of($under)->signed(),
                        Stops::of($over)->signed(),
                    ),
            ),
            evidence: [
                new Evidence(
                    'light against box speed',
                    $generous->value,
                    'stops',
                    $generous->value > 0 ? $over : $under,
                    $generous->value > 0 ? $over - $generous->value : $generous->value - $under,
                ),
            ],
            source: 'Latitude typical of the kind of film; every film has its own.',
        );
    }
}
