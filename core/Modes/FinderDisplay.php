<?php

declare(strict_types=1);

namespace TruePupil\Core\Modes;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;

/**
 * What the finder shows for a solved exposure: the values, where the meter's mark stands, and which value blinks and
 * why.
 */
final readonly class FinderDisplay
{
    /** Meter scales commonly end here; a mark at the end means "this much or more". */
    public const SCALE_END = 3.0;

    /** Limits that make a value blink while light is left over, and the value. */
    private const BLINKS = [
        'lens-widest' => 'fNumber',
        'lens-smallest' => 'fNumber',
        'body-fastest' => 'exposureTime',
        'body-slowest' => 'exposureTime',
        'flash-sync' => 'exposureTime',
        'silent-fastest' => 'exposureTime',
        'iso-floor' => 'iso',
        'iso-ceiling' => 'iso',
        'body-lowest-iso' => 'iso',
        'body-highest-iso' => 'iso',
    ];

    /** @param  array<string, string>  $blinking  reason by value: fNumber, exposureTime or iso */
    private function __construct(
        public string $fNumber,
        public string $exposureTime,
        public string $iso,
        /** Where the mark stands on the meter's scale; null where there is none to see, in bulb. */
        public ?Stops $meter,
        public bool $meterAtEnd,
        public array $blinking,
    ) {
    }

    public static function of(ExposureRequest $request, SolvedExposure $solved): self
    {
        $meter = match (true) {
            $request->mode === ExposureMode::Bulb => null,
            // Manual: the mark says how far the settings are from what the meter wants, compensation shifting its zero.
            $request->mode === ExposureMode::Manual => $solved->error,
            // Elsewhere it shows what was asked for, and what could not be given.
            default => $solved->error->plus(Stops::of($request->compensationCounted())),
        };
        $isLeftOver = abs($solved->error->value) > 1 / 6 + 1e-9;
        $blinking = [];
        foreach ($isLeftOver ? $solved->limits : [] as $limit) {
            $value = self::BLINKS[$limit->what] ?? null;
            if ($value !== null) {
                $blinking[$value] ??= $limit->message;
            }
        }

        return new self(
            (string) $solved->settings->aperture,
            (string) $solved->settings->time,
            (string) $solved->settings->iso,
            $meter === null ? null : Stops::of(max(-self::SCALE_END, min(self::SCALE_END, $meter->value))),
            $meter !== null && abs($meter->value) > self::SCALE_END,
            $blinking,
        );
    }
}
