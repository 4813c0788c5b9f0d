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
        if ($plan->fNumber !== null && $record->fNumber !== null) {
            $differences[] = self::inStops(
                'aperture',
                (string) $plan->fNumber,
                (string) $record->fNumber,
                $record->fNumber->stopsMoreLightThan($plan->fNumber),
            );
        }
        if ($plan->exposureTime !== null && $record->exposureTime !== null) {
            $differences[] = self::inStops(
                'exposure time',
                (string) $plan->exposureTime,
                (string) $record->exposureTime,
                $record->exposureTime->stopsMoreLightThan($plan->exposureTime),
            );
        }
        if ($plan->iso !== null && $record->iso !== null) {
            $differences[] = self::inStops(
                'ISO',
                (string) $plan->iso,
                (string) $record->iso,
                $record->iso->stopsMoreThan($plan->iso),
            );
        }
        if ($plan->focalLength !== null && $record->focalLength !== null) {
            $isKept = abs(log($record->focalLength / $plan->focalLength, 2)) <= self::SAME_VIEW;
            $differences[] = new PlanDifference(
                'focal length',
                round($plan->focalLength).' mm',
                round($record->focalLength).' mm',
                null,
                $isKept,
            );
        }
        if ($plan->mode !== null && $record->mode !== ExposureMode::Unknown) {
            $differences[] = new PlanDifference(
                'mode',
                $plan->mode->label(),
                $record->mode->label(),
                null,
                $plan->mode === $record->mode,
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
