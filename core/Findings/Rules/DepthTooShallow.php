<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Optics\FocusPlan;
use TruePupil\Core\Optics\Metres;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/**
 * The near or the far end of what should look sharp lies outside the depth of field: the f-number and focus distance
 * that hold it.
 */
#[Declared('depth.too-shallow', Topic::Depth)]
final class DepthTooShallow extends FindingRule
{
    /** Distances are estimates: five hundredths is no difference. */
    private const HAIR = 0.05;

    public function needs(): array
    {
        return [Need::Settings, Need::FocalLength, Need::Format, Need::Depth];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$near, $far] = [$situation->statement->intent->sharpFrom(), $situation->statement->intent->sharpTo()];
        $depth = $situation->depth();
        $aperture = $situation->record->exposure->fNumber;
        [$focalLength, $circle, $focus] = [
            $situation->record->lens->focalLength,
            $situation->circleOfConfusion(),
            $situation->focusDistance(),
        ];
        if (
            $near === null ||
            $depth === null ||
            $aperture === null ||
            $focalLength === null ||
            $circle === null ||
            $focus === null ||
            $near * 1000 <= $focalLength
        ) {
            return null;
        }
        $missesNear = $depth->near > $near * (1 + self::HAIR);
        $missesFar = $depth->far !== null && ($far === null || $depth->far < $far * (1 - self::HAIR));
        if (! $missesNear && ! $missesFar) {
            return null;
        }
        $plan = FocusPlan::forLimits($near, $far, $focalLength, $circle);
        $needed = Aperture::nearest($plan->fNumber * 2 ** (1 / 12));
        $short = Stops::of(max(0.0, 2 * log($plan->fNumber / $aperture->exact, 2)));
        $byFocusAlone = $plan->fNumber <= $aperture->exact * 1.001;
        $smallest = $situation->smallestAperture() ?? $aperture->nominal();
        $isBeyond = $plan->fNumber > $smallest * 1.03;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $short->value >= 1.0 ? Severity::Fault : Severity::Weakness,
            sentence: sprintf(
                'At %s focused at %s it looks sharp from %s to %s; you wanted %s to %s, so %s soft. %s',
                $aperture,
                Metres::text($focus),
                Metres::text($depth->near),
                Metres::text($depth->far),
                Metres::text($near),
                Metres::text($far),
                $missesNear && $missesFar
                    ? 'both ends are'
                    : ($missesNear ? 'the near end is' : 'the far end is'),
                match (true) {
                    $byFocusAlone => sprintf(
                        'The aperture is small enough: focus at %s and it holds both.',
                        Metres::text($plan->distance),
                    ),
                    $isBeyond => sprintf(
                        'No aperture of this lens holds it: focus at %s, step back, use a shorter focal length, or '.
                            'stack frames.',
                        Metres::text($plan->distance),
                    ),
                    default => sprintf('%s focused at %s holds both.', $needed, Metres::text($plan->distance)),
                },
            ),
            evidence: [
                new Evidence('near end of depth', $depth->near, 'm', $near, $near - $depth->near),
                new Evidence(
                    'far end of depth',
                    $depth->far ?? 'the horizon',
                    $depth->far === null ? '' : 'm',
                    $far ?? 'the horizon',
                ),
                new Evidence('f-number', $aperture->exact, '', $plan->fNumber, -$short->value, 'stops'),
            ],
            source: sprintf('Thin-lens depth of field with a circle of confusion of %.3f mm.', $circle),
            suggestion: $byFocusAlone || $isBeyond
                ? null
                : SameExposure::with(
                    $situation,
                    sprintf(
                        'sharp from %s to %s when focused at %s',
                        Metres::text($near),
                        Metres::text($far),
                        Metres::text($plan->distance),
                    ),
                    aperture: $needed,
                )?->focusedAt($plan->distance),
        );
    }
}
