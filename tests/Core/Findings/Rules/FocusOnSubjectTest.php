<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Capture\FocusPoint;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\FocusOnSubject;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;

final class FocusOnSubjectTest extends TestCase
{
    /** A subject between two plain parts. */
    private const SOFT_ROUND = ['columns' => 3, 'rows' => 1, 'map' => [null, 0.9, 0.1]];

    public function test_a_crisp_subject_is_praised_and_a_soft_one_told_where_the_focus_lies(): void
    {
        $this->assertSame(Severity::Praise, $this->judge([], self::SOFT_ROUND)?->severity);
        $missed = $this->judge(['sharpness' => 0.25]);
        $this->assertSame([Severity::Fault, Topic::Focus], [$missed?->severity, $missed?->topic]);
        $this->assertStringContainsString('lower right', (string) $missed?->sentence);
        $this->assertSame(Severity::Weakness, $this->judge(['sharpness' => 0.37])?->severity);
    }

    public function test_a_recorded_focus_point_says_why(): void
    {
        $at = fn (float $x, float $y): string => (string) (new FocusOnSubject())->judge(
            Situations::make(
                focus: ['subject' => ['sharpness' => 0.25]],
                record: ['focusPoint' => FocusPoint::of($x, $y)],
            ),
        )?->sentence;

        // The subject lies from 0.4 to 0.6 across and from 0.3 to 0.7 down.
        $this->assertStringContainsString('focused in the upper left, beside it', $at(0.1, 0.1));
        $this->assertStringContainsString('although the camera focused on it', $at(0.5, 0.5));
    }

    public function test_a_subject_that_is_blurred_one_way_moved(): void
    {
        $moved = $this->judge(['sharpness' => 0.25, 'moved' => 0.0]);

        $this->assertSame(Topic::Movement, $moved?->topic);
        $this->assertStringContainsString('from side to side', $moved->sentence);
        $this->assertStringContainsString('1/100 s', $moved->sentence);
    }

    public function test_that_everything_is_sharp_is_no_news_and_what_hands_could_not_hold_no_merit(): void
    {
        $this->assertNull($this->judge([], ['columns' => 3, 'rows' => 1, 'map' => [0.9, 0.9, 0.1]]));
        $held = fn (float $time): ?Finding => (new FocusOnSubject())->judge(
            Situations::make(t: $time, focus: ['subject' => [], ...self::SOFT_ROUND]),
        );
        // 1/50 s is what hands hold at 50 mm; a stop longer is doubted.
        $this->assertNotNull($held(1 / 26));
        $this->assertNull($held(1 / 24));
    }

    public function test_a_subject_that_is_nearly_crisp_is_asked_about_where_nothing_is_crisper(): void
    {
        $asked = $this->judge(['sharpness' => 0.46], ['sharpness' => 0.84]);

        $this->assertSame(Severity::Choice, $asked?->severity);
        $this->assertStringContainsString('as crisp as you wanted it?', $asked->sentence);
        $this->assertNull($this->judge(['sharpness' => 0.48], ['sharpness' => 0.84]));
        $this->assertNull($this->judge(['sharpness' => 0.46], ['sharpness' => 0.86]));
    }

    public function test_silence_rather_than_a_guess(): void
    {
        $this->assertNull($this->judge(['sharpness' => 0.48]));
        $this->assertNull($this->judge(['crisp' => 0.2], self::SOFT_ROUND), 'most of what can be judged is soft');
        $this->assertNull($this->judge(false));
        $this->assertNull($this->judge(['sharpness' => 0.25], ['confidence' => 0.1]));
        $this->assertNull($this->judge(['sharpness' => 0.25], ['sharpness' => 0.3]), 'soft everywhere');
        $this->assertNull($this->judge([], ['smear' => ['degrees' => 0.0, 'along' => 2.0, 'across' => 0.5]]));
        $this->assertNull($this->judge(['sharpness' => 0.25], look: MovementLook::Silk));
    }

    /**
     * @param  array<string, mixed>|false  $subject
     * @param  array<string, mixed>  $focus
     */
    private function judge(array|false $subject, array $focus = [], ?MovementLook $look = null): ?Finding
    {
        return (new FocusOnSubject())->judge(
            Situations::make(
                t: 1 / 100,
                focus: ['subject' => $subject, 'sharpest' => ['x' => 0.9, 'y' => 0.8], ...$focus],
                intent: new Intent(movement: $look === null ? null : new Movement($look, 1.0)),
            ),
        );
    }
}
