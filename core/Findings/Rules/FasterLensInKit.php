<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Adviser\LensChoice;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\SensorRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A frame that wanted light while a faster lens lay in the bag. */
#[Declared('lens.faster-in-kit', Topic::Lens)]
final class FasterLensInKit extends SensorRule
{
    /** Where no comfortable ISO was entered. */
    private const NOISY = 3200.0;

    public function needs(): array
    {
        return [Need::Settings, Need::Kit, Need::FocalLength];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$settings, $kit, $focalLength, $used] = [
            $situation->record->settings(),
            $situation->kit,
            $situation->record->lens->focalLength,
            $situation->widest(),
        ];
        if ($settings === null || $kit === null || $focalLength === null || $used === null) {
            return null;
        }
        // Only where the light was short: noise above what is comfortable, or a time past what hands hold; and where
        // depth does not forbid it.
        $isNoisy = $settings->iso->stopsMoreThan(Iso::of($kit->body->comfortableIso ?? self::NOISY))->inThirds() > 0;
        $limit = $situation->handHeldLimit();
        $isSlow = $limit !== null && $limit->roomFor($settings->time->exact)->value < -1 / 3;
        $isWideOpen = $settings->aperture->exact <= $used->exact * 1.03;
        $format = $situation->format();
        if (! $isWideOpen || (! $isNoisy && ! $isSlow) || $format === null) {
            return null;
        }
        foreach ($kit->lenses as $lens) {
            $nearest = max($lens->minFocal, min($lens->maxFocal, $focalLength));
            $gain = $lens->widestAt($nearest)->stopsMoreLightThan($used);
            $frames = abs(log($nearest / $focalLength, 2)) <= LensChoice::NEAR_ENOUGH;
            $focuses =
                $situation->focusDistance() === null || $lens->closestFocus <= $situation->focusDistance() + 1e-9;
            if (! $frames || ! $focuses || $gain->inThirds() < 2 || $lens->name === $situation->record->lens->name) {
                continue;
            }
            if (isset($best) && $best[1]->value >= $gain->value) {
                continue;
            }
            $best = [$lens, $gain, $nearest];
        }
        if (! isset($best)) {
            return null;
        }
        [$lens, $gain, $nearest] = $best;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'The lens was wide open at %s and the light was still short. Your %s opens to %s at about the same '.
                    'view: %s more light for the ISO or the time.',
                $settings->aperture,
                $lens->name,
                $lens->widestAt($nearest),
                $gain->inWords(),
            ),
            evidence: [
                new Evidence(
                    'widest f-number',
                    $used->exact,
                    '',
                    $lens->widestAt($nearest)->exact,
                    -$gain->value,
                    'stops',
                ),
            ],
            source: 'The lenses in the kit that frame and focus the same picture.',
        );
    }
}
