<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\LineThroughSubject;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;

final class LineThroughSubjectTest extends TestCase
{
    public function test_a_pole_out_of_the_head_and_a_horizon_through_it(): void
    {
        $this->assertStringContainsString('grew out of it', (string) $this->judge(0.45, 0.9, true)?->sentence);
        $this->assertSame(
            Severity::Weakness,
            $this->judge(0.36, 0.95, false, new Intent(contents: new IntendedContents(person: true)))?->severity,
        );
    }

    public function test_a_line_of_the_subject_itself_or_beside_it(): void
    {
        $this->assertNull($this->judge(0.45, 0.45, true));
        $this->assertNull($this->judge(0.8, 0.9, true));
    }

    /** @return iterable<string, array{array{float, float, bool}, array{float, float, bool}}> silent, then speaking */
    public static function limits(): iterable
    {
        yield 'a level line of half the frame' => [[0.5, 0.49, false], [0.5, 0.51, false]];
        yield 'an upright one that is longer than the subject is high' => [[0.5, 0.71, true], [0.5, 0.73, true]];
        yield 'just within the rim' => [[0.409, 0.9, true], [0.411, 0.9, true]];
        yield 'not at its far side' => [[0.521, 0.9, true], [0.519, 0.9, true]];
    }

    /**
     * @param  array{float, float, bool}  $silent
     * @param  array{float, float, bool}  $speaking
     */
    #[DataProvider('limits')]
    public function test_it_begins_to_speak_at_its_limits(array $silent, array $speaking): void
    {
        $this->assertNull($this->judge(...$silent));
        $this->assertNotNull($this->judge(...$speaking));
    }

    public function test_a_head_ends_a_third_down_and_the_limit_of_a_line_is_the_one_that_counts(): void
    {
        $person = new Intent(contents: new IntendedContents(person: true));
        $this->assertSame(Severity::Weakness, $this->judge(0.439, 0.9, false, $person)?->severity);
        $this->assertSame(Severity::Choice, $this->judge(0.441, 0.9, false, $person)?->severity);
        // Of an upright line it follows from the height of the subject, 40 % of the frame.
        $length = $this->judge(0.5, 0.9, true)?->evidence[1];
        $this->assertEqualsWithDelta([72.0, -18.0], [$length?->limit, $length?->margin], 1e-9);
    }

    public function test_a_subject_that_fills_the_frame_leaves_no_background(): void
    {
        $of = fn (float $height): ?Finding => (new LineThroughSubject())->judge(Situations::make(
            composition: ['lines' => [['angle' => 0.0, 'at' => 0.5, 'length' => 1.0, 'upright' => false]]],
            region: Region::of(0.25, 0.1, 0.5, $height),
        ));
        $this->assertNotNull($of(0.79));
        $this->assertNull($of(0.81));
    }

    private function judge(float $at, float $length, bool $upright, Intent $intent = new Intent()): ?Finding
    {
        // The mark lies at 0.4 to 0.6 across and 0.3 to 0.7 downwards.
        return (new LineThroughSubject())->judge(
            Situations::make(
                composition: ['lines' => [['angle' => 0.0, 'at' => $at, 'length' => $length, 'upright' => $upright]]],
                intent: $intent,
            ),
        );
    }
}
