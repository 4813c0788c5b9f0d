<?php

declare(strict_types=1);

namespace Tests\Core\Intent;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Intent\SaidOtherwise;

final class SaidOtherwiseTest extends TestCase
{
    /** @return iterable<string, array{bool, string, ?MovementLook}> whether it is asked, the reason, what was tapped */
    public static function reasons(): iterable
    {
        yield 'still, and as silk' => [true, 'I wanted drops that stand still.', MovementLook::Silk];
        yield 'silk, and frozen' => [true, 'The water should look like silk.', MovementLook::Freeze];
        yield 'both the same' => [false, 'The water should look like silk.', MovementLook::Silk];
        yield 'taken back' => [false, 'There should be no streaks at all.', MovementLook::Freeze];
        yield 'a lake' => [false, 'The frozen lake, and water over the weir.', MovementLook::Silk];
        yield 'a morning' => [false, 'A misty morning on the trail.', MovementLook::Freeze];
        yield 'nothing tapped' => [false, 'Drops that stand still.', null];
        yield 'followed' => [false, 'The background streaks.', MovementLook::Pan];
    }

    #[DataProvider('reasons')]
    public function test_words_that_go_against_a_tap_are_asked_about(
        bool $asks,
        string $reason,
        ?MovementLook $look,
    ): void {
        $question = SaidOtherwise::question($reason, $look === null ? null : new Movement($look));

        $this->assertSame($asks, $question !== null);
        $this->assertSame($asks, str_contains((string) $question, '?'));
    }
}
