<?php

declare(strict_types=1);

namespace Tests\Core\Series;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Kit\DriveMode;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Series\SeriesKind;

/** Both sides of what two frames of a row have in common. */
final class SeriesLimitsTest extends TestCase
{
    public function test_a_third_of_a_stop_is_a_difference(): void
    {
        $this->assertSame(['time'], self::row([8, 1 / 60, 100, 0], [8, 1 / 50, 100, 1])?->moving());
        $this->assertSame(['iso'], self::row([8, 1 / 60, 100, 0], [8, 1 / 60, 125, 1])?->moving());
        $this->assertSame(['aperture'], self::row([8, 1 / 60, 100, 0], [9, 1 / 60, 100, 1])?->moving());
    }

    public function test_exposures_agree_within_one_click(): void
    {
        // Aperture and time moved against each other: equal but for a third, then but for two thirds.
        $this->assertSame(
            SeriesKind::EqualExposures,
            self::row([8, 1 / 60, 100, 0], [5.6, 1 / 100, 100, 10])?->kind(),
        );
        $this->assertSame(SeriesKind::OneVariable, self::row([8, 1 / 60, 100, 0], [5.6, 1 / 80, 100, 10])?->kind());
    }

    public function test_a_row_within_four_seconds_a_frame_was_taken_in_one_go(): void
    {
        // Time and ISO moved, so that only the clock tells a bracket.
        $kind = fn (int $seconds): ?SeriesKind => self::row(
            [8, 1 / 60, 100, 0],
            [8, 1 / 8, 200, $seconds],
        )?->kind();

        $this->assertSame(SeriesKind::Bracket, $kind(4));
        $this->assertSame(SeriesKind::OneVariable, $kind(5));
    }

    public function test_times_alone_are_a_bracket_in_one_go_and_of_one_view(): void
    {
        $kind = function (int $seconds, array $lengths, array $names = [null, null]): ?SeriesKind {
            $frames = Situations::frames([[8, 1 / 60, 100, 0], [8, 1 / 15, 100, $seconds]]);

            return Series::of(
                array_map(
                    fn (CaptureRecord $frame, ?float $length, ?string $name): CaptureRecord => new CaptureRecord(
                        lens: new RecordedLens(name: $name, focalLength: $length),
                        exposure: $frame->exposure,
                        takenAt: $seconds < 0 ? null : $frame->takenAt,
                    ),
                    $frames,
                    $lengths,
                    $names,
                ),
            )?->kind();
        };

        $this->assertSame(SeriesKind::Bracket, $kind(4, [50.0, 50.0]));
        $this->assertSame(SeriesKind::OneVariable, $kind(60, [50.0, 50.0]), 'not in one go');
        $this->assertSame(SeriesKind::OneVariable, $kind(-1, [50.0, 50.0]), 'nobody knows when');
        $this->assertSame(SeriesKind::Bracket, $kind(1, [50.0, 51.5]), 'a zoom whose record wanders');
        $this->assertSame(SeriesKind::OneVariable, $kind(1, [50.0, 52.0]), 'another view');
        $this->assertSame(SeriesKind::Bracket, $kind(1, [50.0, null]), 'not recorded is no difference');
        $this->assertSame(SeriesKind::OneVariable, $kind(1, [50.0, 50.0], ['one', 'other']), 'another lens');
    }

    public function test_what_the_camera_bracketed_is_a_bracket(): void
    {
        $kind = fn (DriveMode $drive): ?SeriesKind => Series::of(
            Situations::frames([[8, 1 / 60, 100, 0], [8, 1 / 15, 100, 60]], $drive),
        )?->kind();

        $this->assertSame(SeriesKind::Bracket, $kind(DriveMode::Bracket));
        $this->assertSame(SeriesKind::OneVariable, $kind(DriveMode::Continuous));
    }

    /** @param  array{float, float, float, int}  ...$frames  f-number, time, ISO, second */
    private static function row(array ...$frames): ?Series
    {
        return Series::of(Situations::frames($frames));
    }
}
