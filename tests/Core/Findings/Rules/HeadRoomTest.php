<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\HeadRoom;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;

final class HeadRoomTest extends TestCase
{
    public function test_a_person_sinks_in_the_frame(): void
    {
        $finding = $this->judge(0.5, 0.4);

        $this->assertStringContainsString(
            '50 % of the height lies above the head and 10 % below',
            (string) $finding?->sentence,
        );
        $this->assertEqualsWithDelta(-20.0, $finding->evidence[0]->margin, 1e-9);
    }

    public function test_nothing_to_say(): void
    {
        $this->assertNull($this->judge(0.1, 0.8), 'a head near the top');
        $this->assertNull($this->judge(0.4, 0.2), 'as much below as above');
        $this->assertNull($this->judge(0.5, 0.4, new Intent()), 'nobody in it');
        $this->assertNull(
            $this->judge(0.5, 0.4, new Intent(contents: new IntendedContents(person: true), idea: Idea::Thirds)),
            'an idea was declared',
        );
    }

    private function judge(
        float $y,
        float $height,
        Intent $intent = new Intent(contents: new IntendedContents(person: true)),
    ): ?Finding {
        return (new HeadRoom())->judge(Situations::make(region: Region::of(0.4, $y, 0.2, $height), intent: $intent));
    }
}
