<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\SeriesStepError;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Situation;

/** A bracket with uneven or missing steps. */
#[Declared('series.bracket-steps', Topic::Series, contradictedBy: [SeriesStepError::class])]
final class BracketSteps extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $series = $situation->assignment->series;
        if ($series?->kind() !== SeriesKind::Bracket) {
            return null;
        }
        $steps = $series->steps();
        if ($steps === []) {
            return null;
        }
        $usual = $this->usual($steps);
        if ($usual < Series::SAME) {
            return new Finding(
                id: $this->id(),
                topic: $this->topic(),
                severity: Severity::Fault,
                sentence: 'The frames of this bracket have the same exposure, so they hold no more range than one of '.
                    'them. Two stops between frames is a good start.',
                evidence: [new Evidence('step', $usual, 'stops', 1.0, $usual - 1.0)],
                source: 'Steps from the exact scale values.',
            );
        }
        $missing = [];
        foreach ($steps as $step) {
            $fits = round($step / $usual);
            if ($fits >= 2 && abs($step - $fits * $usual) <= Series::SAME * $fits) {
                $missing[] = (int) $fits - 1;
            }
        }
        $uneven = array_filter($steps, fn (float $step): bool => abs($step - $usual) > Series::SAME);
        if ($uneven === []) {
            return null;
        }
        $isGap = count($missing) === count($uneven);
        $text = implode(', ', array_map(fn (float $step): string => Stops::of($step)->amount(), $steps));

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $isGap ? Severity::Fault : Severity::Weakness,
            sentence: $isGap
                ? sprintf(
                    'The bracket goes in steps of %s, and %d %s missing (steps: %s). Let the camera take the row in '.
                        'one go.',
                    Stops::of($usual)->inWords(),
                    array_sum($missing),
                    array_sum($missing) === 1 ? 'frame is' : 'frames are',
                    $text,
                )
                : sprintf(
                    'The steps of this bracket are uneven: %s stops. Regular steps merge without seams; set the step '.
                        'once and let the camera count.',
                    $text,
                ),
            evidence: array_map(
                fn (int $index, float $step): Evidence => new Evidence(
                    sprintf('step %d', $index + 1),
                    $step,
                    'stops',
                    $usual,
                    Series::SAME - abs($step - $usual),
                ),
                array_keys($steps),
                $steps,
            ),
            source: 'Steps equal within a sixth of a stop.',
        );
    }

    /**
     * The step that most of them have; the smallest where none is in the majority.
     *
     * @param  non-empty-list<float>  $steps
     */
    private function usual(array $steps): float
    {
        $best = [0, min($steps)];
        foreach ($steps as $step) {
            $agree = count(array_filter($steps, fn (float $other): bool => abs($other - $step) <= Series::SAME));
            $best = $agree > max(1, $best[0]) ? [$agree, $step] : $best;
        }

        return $best[1];
    }
}
