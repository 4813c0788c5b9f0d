<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Plan\LightReadings;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Where a spot reading of the shadows was placed on negative film. */
#[Declared('film.shadow-placement', Topic::Film)]
final class FilmShadowPlacement extends FindingRule
{
    private const LIMIT = 0.5;

    public function needs(): array
    {
        return [Need::Settings];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$film, $reading, $settings] = [
            $situation->kit?->film,
            $situation->statement->plan?->readings->shadow,
            $situation->record->settings(),
        ];
        if ($film === null || $reading === null || $settings === null || ! $film->kind->protectsShadows()) {
            return null;
        }
        $placed = $reading->minus($situation->ev100Of($settings));
        $off = $placed->minus(Stops::of(LightReadings::SHADOWS));
        if (abs($off->value) <= self::LIMIT) {
            return new Finding(
                id: $this->id(),
                topic: $this->topic(),
                severity: Severity::Praise,
                sentence: sprintf(
                    'The shadows you metered lie %s from mid-grey, where negative film still shows their detail.',
                    $placed->signed(),
                ),
                evidence: [
                    new Evidence(
                        'shadows from mid-grey',
                        $placed->value,
                        'stops',
                        LightReadings::SHADOWS,
                        self::LIMIT - abs($off->value),
                    ),
                ],
                source: 'Expose for the shadows: two stops below the reading, zone III.',
            );
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $off->value < 0 ? Severity::Fault : Severity::Choice,
            sentence: sprintf(
                'The shadows you metered lie %s from mid-grey; on negative film they belong two stops below it. %s',
                $placed->signed(),
                $off->value < 0
                    ? sprintf('Give %s more.', $off->inWords())
                    : sprintf(
                        'That is %s more light than they needed: safe on negative film, at the cost of time or depth.',
                        $off->inWords(),
                    ),
            ),
            evidence: [
                new Evidence(
                    'shadows from mid-grey',
                    $placed->value,
                    'stops',
                    LightReadings::SHADOWS,
                    self::LIMIT - abs($off->value),
                ),
            ],
            source: 'Expose for the shadows: two stops below the reading, zone III.',
        );
    }
}
