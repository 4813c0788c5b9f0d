<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\ColourWanders;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Raster\GreyGrid;
use TruePupil\Core\Series\SceneFrame;
use TruePupil\Core\Series\SceneWork;
use TruePupil\Core\Situation\Assignment;
use TruePupil\Core\Situation\Situation;

final class ColourWandersTest extends TestCase
{
    public function test_a_view_whose_grey_wanders_is_asked_about(): void
    {
        $finding = $this->judge(-0.1, 0.3);
        $this->assertStringContainsString('colder to warmer by 0.4 stop', (string) $finding?->sentence);
        $this->assertStringContainsString('?', (string) $finding?->sentence);
        $this->assertNotNull($this->judge(0.0, Thresholds::CAST_WANDERS));
        $this->assertNull($this->judge(0.0, Thresholds::CAST_WANDERS - 0.01));
    }

    public function test_another_view_and_another_hour_are_another_light(): void
    {
        $this->assertNotNull($this->judge(0.0, 0.5, seconds: 900));
        $this->assertNull($this->judge(0.0, 0.5, seconds: 901));
        $this->assertNull($this->judge(0.0, 0.5, other: 2), 'another view');
        $this->assertNull($this->judge(0.0, null), 'nothing grey in one of them');
    }

    private function judge(?float $first, ?float $second, int $seconds = 60, int $other = 1): ?Finding
    {
        $any = Situations::make();

        return (new ColourWanders())->judge(new Situation(
            record: $any->record,
            measures: $any->measures,
            approach: $any->approach,
            assignment: new Assignment(work: new SceneWork([
                new SceneFrame(takenAt: 0, picture: $this->picture(1), warm: $first),
                new SceneFrame(takenAt: $seconds, picture: $this->picture($other), warm: $second),
            ])),
        ));
    }

    private function picture(int $seed): GreyGrid
    {
        mt_srand($seed);
        $cells = [];
        for ($i = 0; $i < 24 * 16; $i++) {
            $cells[] = array_fill(0, 4, (float) mt_rand(0, 255));
        }

        return GreyGrid::of(96, 16, array_merge(...$cells));
    }
}
