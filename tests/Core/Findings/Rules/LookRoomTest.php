<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\LookRoom;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Facing;
use TruePupil\Core\Intent\Intent;

final class LookRoomTest extends TestCase
{
    public function test_looking_out_of_the_picture(): void
    {
        $finding = $this->judge(0.1, Facing::Left);

        $this->assertSame(Severity::Choice, $finding?->severity);
        $this->assertStringContainsString('10 % of the width is left, and has 70 % behind', $finding->sentence);
    }

    public function test_the_mirrored_picture_says_the_same(): void
    {
        $this->assertEqualsWithDelta(
            (float) $this->judge(0.1, Facing::Left)?->evidence[0]->value,
            $this->judge(0.7, Facing::Right)?->evidence[0]->value,
            1e-9,
        );
    }

    public function test_room_is_praised(): void
    {
        $this->assertSame(Severity::Praise, $this->judge(0.1, Facing::Right)?->severity);
    }

    public function test_nothing_to_say(): void
    {
        $this->assertNull($this->judge(0.4, Facing::Right), 'in the middle');
        $this->assertNull($this->judge(0.1, Facing::Camera));
        $this->assertNull($this->judge(0.1, null));
        $this->assertNull($this->judge(0.0, Facing::Left, 0.9), 'fills the frame');
    }

    private function judge(float $x, ?Facing $facing, float $width = 0.2): ?Finding
    {
        return (new LookRoom())->judge(
            Situations::make(region: Region::of($x, 0.3, $width, 0.5), intent: new Intent(facing: $facing)),
        );
    }
}
