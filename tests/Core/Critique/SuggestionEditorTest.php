<?php

declare(strict_types=1);

namespace Tests\Core\Critique;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Rules;
use Tests\Core\Situations;
use TruePupil\Core\Critique\EditedSuggestion;
use TruePupil\Core\Critique\FollowingValue;
use TruePupil\Core\Critique\FrameAdviser;
use TruePupil\Core\Critique\SuggestionChange;
use TruePupil\Core\Critique\SuggestionEditor;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\KeptSharp;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Situation\Situation;

/** The subject of these frames offers EV 10 and belongs at mid-grey: what places it is EV 10. */
final class SuggestionEditorTest extends TestCase
{
    /**
     * @return iterable<string, array{FollowingValue, float, float, float, string}>
     *   the value that follows, and what comes of f/8, 1/60 s, ISO 400
     */
    public static function values(): iterable
    {
        // EV 10 at ISO 400 is EV 12 on the dials: f/8 takes 6 of it and leaves 1/64 s.
        yield 'the time answers a smaller aperture' => [FollowingValue::Time, 16, 1 / 60, 400, 'ƒ/16, 1/15 s, ISO 400'];
        yield 'the time answers a lower ISO' => [FollowingValue::Time, 8, 1 / 60, 100, 'ƒ/8, 1/15 s, ISO 100'];
        yield 'ISO answers a shorter time' => [FollowingValue::Iso, 8, 1 / 250, 400, 'ƒ/8, 1/250 s, ISO 1600'];
        yield 'ISO answers a wider aperture' => [FollowingValue::Iso, 5.6, 1 / 60, 400, 'ƒ/5.6, 1/60 s, ISO 200'];
        yield 'the aperture answers a longer time' => [
            FollowingValue::Aperture,
            8,
            1 / 15,
            400,
            'ƒ/16, 1/15 s, ISO 400',
        ];
    }

    #[DataProvider('values')]
    public function test_one_value_follows_the_light_when_another_is_changed(
        FollowingValue $follows,
        float $n,
        float $t,
        float $iso,
        string $expected,
    ): void {
        $edited = $this->edit($this->situation(), $n, $t, $iso, $follows);

        $this->assertSame($expected, (string) $edited->suggestion->exposure->settings);
        $this->assertSame([], $edited->held);
        $this->assertSame('own', $edited->suggestion->kind);
        $this->assertSame(
            ['frame', 'own'],
            array_column(array_map(fn ($point): array => ['what' => $point->what], $edited->map->points), 'what'),
        );
    }

    public function test_a_filter_is_answered_like_any_other_loss(): void
    {
        $plain = $this->edit($this->situation(), 8, 1 / 60, 100, FollowingValue::Time);
        $filtered = $this->edit($this->situation(), 8, 1 / 60, 100, FollowingValue::Time, 6.0);

        $this->assertEqualsWithDelta(
            6.0,
            $filtered->suggestion->exposure->settings->stopsBrighterThan($plain->suggestion->exposure->settings)->value,
            1e-6,
        );
        $this->assertContains(
            'a filter of 6 stops: compose and focus before it goes on',
            $filtered->suggestion->effect->costs,
        );
    }

    public function test_what_cannot_follow_far_enough_is_said_in_stops(): void
    {
        // 1/8000 s at f/16 asks for ISO 1600 × 2⁷ and more; the body ends long before.
        $edited = $this->edit($this->situation(), 16, 1 / 4000, 400, FollowingValue::Iso);

        $this->assertFalse($edited->suggestion->effect->meets);
        $this->assertNotEmpty(
            array_filter(
                $edited->suggestion->effect->costs,
                fn (string $cost): bool => str_contains($cost, 'too dark'),
            ),
        );
    }

    public function test_values_beyond_the_lens_are_brought_to_its_end_and_said(): void
    {
        $edited = $this->edit($this->situation(), 64, 1 / 60, 400, FollowingValue::Time);

        $this->assertCount(1, $edited->held);
        $this->assertStringContainsString('ƒ/64', $edited->held[0]);
        $this->assertLessThan(60, $edited->suggestion->exposure->settings->aperture->exact);
        $this->assertEqualsWithDelta(
            10.0,
            $edited->suggestion->exposure->settings->ev100()->value,
            0.2,
            'the time has followed what is there',
        );
    }

    public function test_it_says_what_it_would_do_away_with(): void
    {
        $edited = $this->edit(
            Situations::make(n: 5.6, t: 1 / 400, iso: 1600, subject: 1 / 3, kit: Situations::kit()),
            5.6,
            1 / 60,
            100,
            FollowingValue::Time,
        );

        $this->assertContains('noise.iso-slack', $edited->suggestion->effect->fixes);
    }

    public function test_movement_that_would_blur_is_among_its_costs(): void
    {
        $edited = $this->edit($this->situation(), 16, 1 / 60, 100, FollowingValue::Time, support: Support::Hand);

        $this->assertNotEmpty(
            array_filter(
                $edited->suggestion->effect->costs,
                fn (string $cost): bool => str_contains($cost, 'longer than hands hold'),
            ),
        );
    }

    public function test_more_of_it_sharp_asks_for_a_smaller_aperture(): void
    {
        $keeping = fn (Situation $situation): array => array_map(
            fn (KeptSharp $kept): ?string => (new SuggestionEditor(new FrameAdviser(Rules::critic())))->keeping(
                $situation,
                $this->change(8, 1 / 60, 400, FollowingValue::Time),
                $kept,
            )?->__toString(),
            KeptSharp::cases(),
        );

        // N = d·f²/(2·c·s²) with 50 mm at 1 m: 7 cm ask for 2.9, 20 cm for 8.3.
        $this->assertSame(['ƒ/1.8', 'ƒ/2.8', 'ƒ/8', 'ƒ/11'], $keeping($this->situation(1.0)));
        $this->assertSame(
            [null, null, null, null],
            $keeping(Situations::make(t: null, iso: null, subject: null, kit: Situations::kit())),
        );
    }

    public function test_without_light_there_is_nothing_to_follow(): void
    {
        $this->assertNull(
            (new SuggestionEditor(new FrameAdviser(Rules::critic())))->edit(
                Situations::make(t: null, iso: null, subject: null, kit: Situations::kit()),
                [],
                $this->change(8, 1 / 60, 400, FollowingValue::Time),
            ),
        );
    }

    private function situation(float $distance = 3.0): Situation
    {
        return Situations::make(
            n: 8,
            t: 1 / 60,
            iso: 400,
            subject: 0.0,
            wanted: 0.0,
            kit: Situations::kit(),
            intent: new Intent(distances: new IntendedDistances(subject: $distance)),
        );
    }

    private function edit(
        Situation $situation,
        float $n,
        float $t,
        float $iso,
        FollowingValue $follows,
        float $filter = 0.0,
        Support $support = Support::Tripod,
    ): EditedSuggestion {
        $edited = (new SuggestionEditor(new FrameAdviser(Rules::critic())))->edit(
            $situation,
            Rules::critic()->judge($situation),
            $this->change($n, $t, $iso, $follows, $filter, $support),
        );
        $this->assertNotNull($edited);

        return $edited;
    }

    private function change(
        float $n,
        float $t,
        float $iso,
        FollowingValue $follows,
        float $filter = 0.0,
        Support $support = Support::Tripod,
    ): SuggestionChange {
        return new SuggestionChange(
            new ExposureSettings(Aperture::of($n), ExposureTime::of($t), Iso::of($iso)),
            $follows,
            null,
            null,
            $support,
            $filter,
            ExposureMode::Manual,
        );
    }
}
