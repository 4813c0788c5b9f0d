<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;

/** A plan held against the record of what was shot. Only what was planned and recorded is compared. */
final readonly class PlanComparison
{
    /** One click of a dial is a plan kept. */
    private const KEPT = 1 / 3 + 1e-6;

    /** A focal length within a tenth frames the same. */
    private const SAME_VIEW = 0.1;

    /** @param  list<PlanDifference>  $differences */
    private function __construct(public array $differences)
    {
    }

    /** @return ?self null where there is no plan, or nothing of it can be compared */
    public static function of(?Plan $plan, CaptureRecord $record): ?self
    {
        if ($plan === null || ! $plan->plansSettings()) {
            return null;
        }
        $differences = [];
        if ($plan->exposure->fNumber !== null && $record->exposure->fNumber !== null) {
            $differences[] = self::inStops(
                'aperture',
                (string) $plan->exposure->fNumber,
                (string) $record->exposure->fNumber,
                $record->exposure->fNumber->stopsMoreLightThan($plan->exposure->fNumber),
            );
        }
        if ($plan->exposure->exposureTime !== null && $record->exposure->exposureTime !== null) {
            $differences[] = self::inStops(
                'exposure time',
                (string) $plan->exposure->exposureTime,
                (string) $record->exposure->exposureTime,
                $record->exposure->exposureTime->stopsMoreLightThan($plan->exposure->exposureTime),
            );
        }
        if ($plan->exposure->iso !== null && $record->exposure->iso !== null) {
            $differences[] = self::inStops(
                'ISO',
                (string) $plan->exposure->iso,
                (string) $record->exposure->iso,
                $record->exposure->iso->stopsMoreThan($plan->exposure->iso),
            );
        }
        if ($plan->focalLength !== null && $record->lens->focalLength !== null) {
            $isKept = abs(log($record->lens->focalLength / $plan->focalLength, 2)) <= self::SAME_VIEW;
            $differences[] = new PlanDifference(
                'focal length',
                round($plan->focalLength).' mm',
                round($record->lens->focalLength).' mm',
                null,
                $isKept,
            );
        }
        if ($plan->exposure->mode !== null && $record->exposure->mode !== ExposureMode::Unknown) {
            $differences[] = new PlanDifference(
                'mode',
                $plan->exposure->mode->label(),
                $record->exposure->mode->label(),
                null,
                $plan->exposure->mode === $record->exposure->mode,
            );
        }

        return $differences === [] ? null : new self($differences);
    }

    public function isFollowed(): bool
    {
        return $this->moved() === [];
    }

    /** @return list<PlanDifference> */
    public function moved(): array
    {
        return array_values(
            array_filter($this->differences, fn (PlanDifference $difference): bool => ! $difference->isKept),
        );
    }

    /** @return list<string> what moved, with its amount */
    public function sentences(): array
    {
        return array_map(
            fn (PlanDifference $difference): string => sprintf(
                '%s instead of %s%s',
                // ISO says its own name.
                str_starts_with($difference->taken, $difference->name)
                    ? $difference->taken
                    : $difference->name.' '.$difference->taken,
                $difference->planned,
                $difference->stops === null
                    ? ''
                    : sprintf(
                        ' (%s %s)',
                        Stops::of($difference->stops)->inWords(),
                        $difference->stops > 0 ? 'brighter' : 'darker',
                    ),
            ),
            $this->moved(),
        );
    }

    private static function inStops(string $name, string $planned, string $taken, Stops $change): PlanDifference
    {
        return new PlanDifference($name, $planned, $taken, $change->value, abs($change->value) <= self::KEPT);
    }
}
