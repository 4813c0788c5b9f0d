<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\WholeFrameSoft;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\Kit;

final class WholeFrameSoftTest extends TestCase
{
    private const SMEAR = ['degrees' => 90.0, 'along' => 2.5, 'across' => 0.4];

    public function test_a_blur_one_way_is_movement_and_shake_where_the_time_was_long(): void
    {
        $moved = $this->judge(['smear' => self::SMEAR]);
        $this->assertSame(Topic::Movement, $moved?->topic);
        $this->assertStringContainsString('up and down', $moved->sentence);
        $this->assertStringNotContainsString('during', $moved->sentence, 'what moved is not known at 1/100 s');
        $this->assertStringContainsString(
            'the camera moved during 1/10 s',
            (string) $this->judge(['smear' => self::SMEAR], 1 / 10)?->sentence,
        );
    }

    public function test_a_time_that_is_left_to_the_stabiliser_asks_whether_it_had_settled(): void
    {
        $kit = Situations::kit(body: ['stabiliserStops' => 3]);
        // Hands alone hold 50 mm for 1/50 s.
        $asked = fn (float $time, ?Kit $kit): bool => str_contains(
            (string) $this->judge(['smear' => self::SMEAR], $time, kit: $kit)?->sentence,
            'came to rest?',
        );

        $this->assertTrue($asked(1 / 25, $kit));
        $this->assertFalse($asked(1 / 60, $kit));
        $this->assertFalse($asked(1 / 25, Situations::kit()));
    }

    public function test_a_blur_every_way_is_focus(): void
    {
        $soft = $this->judge(['sharpness' => 0.3]);

        $this->assertSame(Topic::Focus, $soft?->topic);
        $this->assertStringContainsString('the focus missed', $soft->sentence);
        // Too long for hands it is not put down to the focus alone.
        $this->assertStringContainsString(
            'At 1/10 s by hand the camera most likely moved',
            (string) $this->judge(['sharpness' => 0.3], 1 / 10)?->sentence,
        );
    }

    public function test_crisp_somewhere_too_plain_to_judge_or_blurred_on_purpose(): void
    {
        $this->assertNull($this->judge(['sharpness' => 0.7]));
        $this->assertNull($this->judge(['sharpness' => 0.3, 'confidence' => 0.1]));
        $this->assertNull($this->judge(['smear' => self::SMEAR], look: MovementLook::Streak));
    }

    /** @param  array<string, mixed>  $focus */
    private function judge(
        array $focus,
        float $time = 1 / 100,
        ?MovementLook $look = null,
        ?Kit $kit = null,
    ): ?Finding {
        return (new WholeFrameSoft())->judge(
            Situations::make(
                t: $time,
                focus: $focus,
                kit: $kit,
                intent: new Intent(movement: $look === null ? null : new Movement($look, 1.0)),
            ),
        );
    }
}
