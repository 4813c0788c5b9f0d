<?php

declare(strict_types=1);

namespace Tests\Core\WhatIf;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\WhatIf\InvalidRecipe;
use TruePupil\Core\WhatIf\Recipe;
use TruePupil\Core\WhatIf\Step;
use TruePupil\Core\WhatIf\StepKind;

final class RecipeTest extends TestCase
{
    public function test_what_makes_a_picture_darker_is_known(): void
    {
        $of = fn (StepKind $kind, float $stops): bool => Recipe::of([Step::of($kind, ['stops' => $stops])])->darkens();

        $this->assertTrue($of(StepKind::Exposure, -0.5));
        $this->assertFalse($of(StepKind::Exposure, 0.5));
        $this->assertTrue($of(StepKind::Highlights, -1.0));
        $this->assertFalse($of(StepKind::Shadows, 1.0));
        $this->assertTrue(Recipe::of([
            Step::of(StepKind::Exposure, ['stops' => 1.0]),
            Step::of(StepKind::Corners, ['stops' => -1.0]),
        ])->darkens());
        $this->assertFalse(Recipe::of([])->darkens());
    }

    public function test_a_recipe_reads_back_as_it_was_written_with_cutting_last_and_nothing_left_out(): void
    {
        $recipe = Recipe::of([
            Step::of(StepKind::Crop, ['x' => 0.1, 'y' => 0.1, 'width' => 0.8, 'height' => 0.8]),
            Step::of(StepKind::Exposure, ['stops' => 1]),
            Step::of(StepKind::Shadows, ['stops' => 0]),
        ]);
        $this->assertSame(['exposure', 'crop'], array_column($recipe->toArray()['steps'], 'do'));
        $this->assertEquals($recipe, Recipe::read(json_decode((string) json_encode($recipe->toArray()), true)));
    }

    /** @param  array<mixed>  $data */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_followed_is_named(array $data, string $says): void
    {
        $this->expectException(InvalidRecipe::class);
        $this->expectExceptionMessage($says);
        Recipe::read($data);
    }

    public static function wrong(): iterable
    {
        $recipe = fn (array ...$steps): array => ['format' => 'true-pupil.recipe', 'version' => 1, 'steps' => $steps];
        yield 'another file' => [['format' => 'else'], 'true-pupil.recipe'];
        yield 'an unknown step' => [$recipe(['do' => 'sharpen']), '"sharpen"'];
        yield 'a number too large' => [$recipe(['do' => 'exposure', 'stops' => 12]), '"stops" of "exposure"'];
        yield 'a number missing' => [$recipe(['do' => 'calm', 'hue' => 20, 'width' => 30]), '"amount" of "calm"'];
        yield 'a word for a number' => [$recipe(['do' => 'straighten', 'degrees' => 'level']), '"level"'];
    }

    public function test_one_colour_is_taken_in_with_a_soft_edge_and_round_the_circle(): void
    {
        $this->assertSame(1.0, Recipe::hueWeight(30, 30, 40));
        $this->assertEqualsWithDelta(0.5, Recipe::hueWeight(50, 30, 40), 1e-9);
        $this->assertSame(0.0, Recipe::hueWeight(70, 30, 40));
        $this->assertEqualsWithDelta(Recipe::hueWeight(20, 10, 40), Recipe::hueWeight(0, 350, 40), 1e-9);
        $this->assertEqualsWithDelta(Recipe::hueWeight(355, 5, 40), Recipe::hueWeight(15, 5, 40), 1e-9);
    }

    public function test_shadows_and_highlights_leave_the_other_side_of_mid_grey_alone(): void
    {
        $this->assertSame(0.0, Recipe::toneGain(2, 0.5));
        $this->assertSame(2.0, Recipe::toneGain(2, -3));
        $this->assertEqualsWithDelta(1.0, Recipe::toneGain(2, -1.5), 1e-9);
        $this->assertSame(-2.0, Recipe::toneGain(-2, 3.0));
        $this->assertEqualsWithDelta(0.0, Recipe::toneGain(-2, -1.0), 1e-12);
        // Never so steep that a darker tone becomes brighter than its neighbour.
        for ($tone = -6.0; $tone < 3.0; $tone += 0.05) {
            $this->assertGreaterThan(
                $tone + Recipe::toneGain(1.9, $tone),
                $tone + 0.05 + Recipe::toneGain(1.9, $tone + 0.05) + 1e-9,
            );
        }
    }

    public function test_turning_costs_what_geometry_says(): void
    {
        $this->assertSame(1.0, Recipe::leftAfterTurning(0, 1.5));
        // A square turned by 45° leaves the square of 1/(sin + cos) of its side.
        $this->assertEqualsWithDelta(1 / sqrt(2), Recipe::leftAfterTurning(45, 1.0), 1e-9);
        $this->assertEqualsWithDelta(Recipe::leftAfterTurning(3, 1.5), Recipe::leftAfterTurning(-3, 1.5), 1e-12);
        $this->assertEqualsWithDelta(
            1 / (1.5 * sin(deg2rad(3)) + cos(deg2rad(3))),
            Recipe::leftAfterTurning(3, 1.5),
            1e-9,
        );
    }

    public function test_tones_keep_their_order_at_every_strength(): void
    {
        foreach ([-4.0, -3.0, -2.0, 2.0, 2.5, 3.0, 4.0] as $stops) {
            $before = -INF;
            for ($tone = -8.0; $tone <= 2.5; $tone += 0.02) {
                $after = $tone + Recipe::toneGain($stops, $tone);
                $this->assertGreaterThan($before, $after, "$stops stops at $tone");
                $before = $after;
            }
        }
    }
}
