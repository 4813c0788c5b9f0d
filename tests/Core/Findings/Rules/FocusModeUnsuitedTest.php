<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToPicture;
use TruePupil\Core\Approach\Focusing;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\FocusModeUnsuited;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Kit\Support;

final class FocusModeUnsuitedTest extends TestCase
{
    public function test_each_school_names_what_it_would_have_done(): void
    {
        $this->assertStringContainsString(
            'magnified',
            (string) $this->judge(Focusing::ByHand, FocusMode::Single, Support::Tripod)?->sentence,
        );
        $this->assertStringContainsString(
            'single automatic point',
            (string) $this->judge(Focusing::SinglePoint, FocusMode::Manual, Support::Hand)?->sentence,
        );
        $this->assertStringContainsString(
            'detection',
            (string) $this->judge(Focusing::Detection, FocusMode::Manual, Support::Hand)?->sentence,
        );
    }

    public function test_silent_where_the_school_is_followed_or_something_else_decides(): void
    {
        $this->assertNull($this->judge(Focusing::ByHand, FocusMode::Manual, Support::Tripod));
        $this->assertNull($this->judge(Focusing::ByHand, FocusMode::Single, Support::Hand));
        $this->assertNull($this->judge(Focusing::SinglePoint, FocusMode::Manual, Support::Tripod));
        $this->assertNull($this->judge(Focusing::SinglePoint, null, Support::Hand));
        $this->assertNull($this->judge(Focusing::SinglePoint, FocusMode::Manual, null), 'nobody said what held it');
        $this->assertNull(
            $this->judge(
                Focusing::SinglePoint,
                FocusMode::Manual,
                Support::Hand,
                new Intent(contents: new IntendedContents(stars: true)),
            ),
        );
        $this->assertNull(
            $this->judge(
                Focusing::SinglePoint,
                FocusMode::Manual,
                Support::Hand,
                new Intent(movement: new Movement(MovementLook::Freeze, 1.4, 0.0)),
            ),
        );
    }

    private function judge(
        Focusing $school,
        ?FocusMode $mode,
        ?Support $support,
        Intent $intent = new Intent(),
    ): ?Finding {
        return (new FocusModeUnsuited())->judge(
            Situations::make(
                support: $support,
                approach: new Approach(picture: new ApproachToPicture(focusing: $school)),
                record: ['focusMode' => $mode],
                intent: $intent,
            ),
        );
    }
}
