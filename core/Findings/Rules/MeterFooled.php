<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\Start;
use TruePupil\Core\Checks\Measures\SubjectPlacementError;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/**
 * The meter was believed: the picture as a whole came out near mid-grey although its subject is much lighter or darker,
 * so the subject missed its place. Says the compensation that would have placed it.
 */
#[Declared(
    'exposure.meter-fooled',
    Topic::Exposure,
    explains: [SubjectPlaced::class],
    contradictedBy: [SubjectPlacementError::class],
)]
final class MeterFooled extends FindingRule
{
    /** A meter counts as believed when the picture reads this near to what it was told. */
    private const BELIEVED = 0.5;

    /** A miss that is worth explaining. */
    private const MISS = 0.5;

    public function needs(): array
    {
        return [Need::Subject, Need::Placement];
    }

    public function judge(Situation $situation): ?Finding
    {
        $error = $situation->placementError();
        $wanted = $situation->assignment->wanted;
        $reading = $this->reading($situation);
        $believed = abs($reading->value) <= self::BELIEVED;
        $pulledToGrey = $error !== null && $wanted !== null && $wanted->stops->value * $error->value < 0;
        if ($error === null || $wanted === null || ! $believed || ! $pulledToGrey || abs($error->value) < self::MISS) {
            return null;
        }
        $needed = Stops::of(($situation->record->exposure->compensation ?? 0.0) - $error->value);

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Fault,
            sentence: sprintf(
                'The meter was believed. It renders whatever it sees as mid-grey, and this scene is mainly %s, so the '.
                    '%s came out %s. %s would have placed it.',
                $wanted->stops->value > 0 ? 'bright' : 'dark',
                $wanted->label,
                $wanted->stops->value > 0 ? 'grey instead of light' : 'grey instead of dark',
                $situation->approach->start === Start::Manual
                    ? sprintf('In manual, settings with the meter\'s mark at %s', $needed->signed())
                    : sprintf('Compensation of %s', $needed->signed()),
            ),
            evidence: [
                new Evidence(
                    'what the meter read',
                    $reading->value,
                    'stops',
                    self::BELIEVED,
                    self::BELIEVED - abs($reading->value),
                ),
                new Evidence(
                    'subject from its place',
                    $error->value,
                    'stops',
                    self::MISS,
                    self::MISS - abs($error->value),
                ),
                new Evidence('compensation needed', $needed->value, 'stops'),
            ],
            source: 'A reflected-light meter assumes 18 % reflectance (ISO 2720).',
        );
    }

    /** What the frame's own metering pattern says of the picture; the whole-scene one where it is not recorded. */
    private function reading(Situation $situation): Stops
    {
        $verdicts = $situation->measures->metering;

        return Stops::of(
            match ($situation->record->exposure->metering) {
                MeteringPattern::Centre => $verdicts['centre'],
                MeteringPattern::Spot => $verdicts['spot'],
                MeteringPattern::Highlight => $verdicts['highlight'],
                default => $verdicts['scene'],
            } -
                ($situation->record->exposure->compensation ?? 0.0),
        );
    }
}
