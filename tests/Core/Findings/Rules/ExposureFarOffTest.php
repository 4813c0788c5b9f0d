<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\ExposureFarOff;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\MeantTone;
use TruePupil\Core\Retake\PlacementAdviser;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Situation;

final class ExposureFarOffTest extends TestCase
{
    public function test_a_subject_seven_stops_down_is_told_by_how_much_and_put_right(): void
    {
        $situation = Situations::make(n: 8, t: 1 / 100, iso: 100, subject: -7.0, wanted: null);
        $finding = self::judge($situation);

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertStringContainsString('too dark by about 7 stops', $finding->sentence);
        foreach ((new PlacementAdviser())->suggest($situation) as $suggestion) {
            $brighter = $suggestion->exposure->settings->stopsBrighterThan(
                $situation->record->settings() ?? throw new \LogicException(),
            );
            $this->assertEqualsWithDelta(7.0, $brighter->value, 0.4, $suggestion->title);
        }
    }

    public function test_both_sides_of_a_dark_subject(): void
    {
        $this->assertNull(self::judge(Situations::make(subject: -3.4, wanted: null)));
        $this->assertNotNull(self::judge(Situations::make(subject: -3.6, wanted: null)));
    }

    public function test_a_frame_in_which_nothing_reaches_mid_grey_is_too_dark(): void
    {
        $frame = fn (float $brightest): ?Finding => self::judge(
            Situations::make(subject: null, wanted: null, metering: ['scene' => -2.5, 'highlight' => $brightest - 2.0]),
        );

        $this->assertStringContainsString(
            'The picture is too dark by about 2⅔ stops',
            (string) $frame(-1.7)?->sentence,
        );
        $this->assertNotNull($frame(-0.1));
        $this->assertNull($frame(0.1));
    }

    /** @param  array<int, int>  $counts */
    #[DataProvider('brightFrames')]
    public function test_a_frame_that_has_lost_much_is_too_bright(array $counts, float $scene, ?string $says): void
    {
        $finding = self::judge(
            Situations::make(
                subject: null,
                wanted: null,
                frame: Situations::tones($counts),
                metering: ['scene' => $scene, 'highlight' => 0.4],
            ),
        );

        $says === null
            ? $this->assertNull($finding)
            : $this->assertStringContainsString($says, (string) $finding?->sentence);
    }

    /** @return iterable<string, array{array<int, int>, float, ?string}> */
    public static function brightFrames(): iterable
    {
        yield 'three quarters lost' => [[255 => 77, 180 => 23], 2.3, 'too bright by about 3⅔ stops, or more'];
        yield 'just over a quarter lost' => [[255 => 26, 180 => 74], 1.4, 'too bright'];
        yield 'just under a quarter lost' => [[255 => 24, 180 => 76], 1.4, null];
        yield 'lamps in a frame that is not bright' => [[255 => 26, 60 => 74], 0.9, null];
        yield 'lamps in a frame that is' => [[255 => 26, 60 => 74], 1.1, 'too bright'];
    }

    public function test_what_was_declared_is_no_fault_and_the_opposite_is(): void
    {
        $dark = fn (MeantTone $tone): ?Finding => self::judge(
            Situations::make(subject: -7.0, wanted: null, intent: new Intent(tone: $tone)),
        );

        $this->assertNull($dark(MeantTone::LowKey));
        $this->assertNull($dark(MeantTone::Silhouette));
        $this->assertNull($dark(MeantTone::Darker));
        $this->assertNotNull($dark(MeantTone::HighKey));
        $this->assertNotNull($dark(MeantTone::Brighter));
    }

    public function test_a_dark_picture_of_a_night_is_asked_about_and_not_told(): void
    {
        $at = fn (float $iso, array $counts): ?Finding => self::judge(Situations::make(
            n: 2.0,
            t: 1 / 30,
            iso: $iso,
            subject: null,
            wanted: null,
            frame: Situations::tones($counts),
            metering: ['scene' => -2.5, 'highlight' => -4.0],
        ));

        // ƒ/2 and 1/30 s are EV 7 by the dial: ISO 800 is a light of EV 4.
        $this->assertSame(Severity::Choice, $at(1000, [20 => 100])?->severity);
        $this->assertStringContainsString('Is it as dark as you wanted it?', $at(1000, [20 => 100])->sentence);
        $this->assertSame(Severity::Weakness, $at(800, [20 => 100])?->severity);
        $this->assertStringContainsString('even its brightest parts do not reach', $at(800, [20 => 100])->sentence);
        $this->assertStringContainsString('hardly anything in it', (string) $at(800, [20 => 97, 200 => 3])?->sentence);
    }

    public function test_the_steps_of_a_bracket_are_meant_to_differ(): void
    {
        $bracket = Series::of(Situations::frames([[8, 1 / 500, 100, 0], [8, 1 / 125, 100, 1], [8, 1 / 30, 100, 2]]));

        $this->assertSame(SeriesKind::Bracket, $bracket?->kind());
        $this->assertNull(self::judge(Situations::make(subject: -7.0, wanted: null, series: $bracket)));
    }

    public function test_where_the_brief_has_a_place_for_the_subject_that_is_what_counts(): void
    {
        $this->assertNull(self::judge(Situations::make(subject: -7.0, wanted: 0.0)));
        $error = Situations::make(subject: -7.0, wanted: 0.0)->exposureError();
        $this->assertEqualsWithDelta(-7.0, $error?->value, 0.1);
    }

    private static function judge(Situation $situation): ?Finding
    {
        return (new ExposureFarOff())->judge($situation);
    }
}
