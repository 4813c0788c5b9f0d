<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A value at the end of its range while the frame is still too bright or too dark. */
#[Declared('exposure.at-limit', Topic::Exposure, explains: [SubjectPlaced::class])]
final class AtLimitOfCamera extends FindingRule
{
    /** Stops of error that a limit may leave. */
    private const LEFT_OVER = 1 / 3;

    public function needs(): array
    {
        return [Need::Settings, Need::Kit, Need::Subject, Need::Placement];
    }

    public function judge(Situation $situation): ?Finding
    {
        $error = $situation->placementError();
        $settings = $situation->record->settings();
        $kit = $situation->kit;
        if ($error === null || $settings === null || $kit === null || abs($error->value) <= self::LEFT_OVER) {
            return null;
        }
        $limits = $kit->body->limits;
        [$lens, $widest] = [$situation->lens(), $situation->widest()];
        $at =
            $error->value > 0
                ? array_filter([
                    'the fastest exposure time' => $settings->time->exact <= $limits->fastest * 1.03,
                    'the smallest aperture' => $lens !== null && $settings->aperture->exact >= $lens->smallest * 0.97,
                    'the lowest ISO' => $settings->iso->exact <= $limits->isoMin * 1.03,
                ])
                : array_filter([
                    'the longest exposure time' => $settings->time->exact >= $limits->slowest * 0.97,
                    'the widest aperture' => $widest !== null && $settings->aperture->exact <= $widest->exact * 1.03,
                    'the highest ISO' => $settings->iso->exact >= $limits->isoMax * 0.97,
                ]);
        // The lowest ISO and the widest aperture are where many frames are taken; alone they stand in nobody's way.
        $blocks = array_diff_key($at, ['the lowest ISO' => true, 'the widest aperture' => true]);
        if ($blocks === []) {
            return null;
        }

        $left = self::left($situation, $settings, $error);

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Fault,
            sentence: sprintf(
                'The camera stood at %s and the frame is still %s too %s. %s',
                implode(' and ', array_keys($at)),
                $error->inWords(),
                $error->value > 0 ? 'bright' : 'dark',
                match (true) {
                    $left !== [] => sprintf('%s puts it right.', ucfirst(implode(', or ', $left))),
                    $error->value > 0 => sprintf(
                        'A neutral-density filter of %s takes the rest.',
                        $error->inWords(),
                    ),
                    default => sprintf(
                        'It wants %s more light: a faster lens, a flash where it is allowed, or another hour.',
                        $error->inWords(),
                    ),
                },
            ),
            evidence: [
                new Evidence(
                    'subject from its place',
                    $error->value,
                    'stops',
                    self::LEFT_OVER,
                    self::LEFT_OVER - abs($error->value),
                ),
                ...array_map(
                    fn (string $name): Evidence => new Evidence('stood at', $name),
                    array_slice(array_keys($at), 0, 1),
                ),
            ],
            source: 'The limits of the body and lens in the kit.',
        );
    }

    /** @return list<string> what one value alone can still do, within body and lens */
    private static function left(Situation $situation, ExposureSettings $settings, Stops $error): array
    {
        $reach = $situation->reach();
        $less = $error->ratio();
        $iso = Iso::nearest($settings->iso->exact / $less, $reach->increment);
        $time = ExposureTime::nearest($settings->time->exact / $less, $reach->increment);
        $aperture = Aperture::nearest($settings->aperture->exact * sqrt($less), $reach->increment);
        $canStopDown = ! $situation->hasOneAperture() && $reach->hasAperture($aperture, $settings->aperture);

        return array_values(
            array_filter([
                ! $situation->isFilm() && $reach->hasIso($iso) ? (string) $iso : null,
                $reach->hasTime($time) ? (string) $time : null,
                $canStopDown ? (string) $aperture : null,
            ]),
        );
    }
}
