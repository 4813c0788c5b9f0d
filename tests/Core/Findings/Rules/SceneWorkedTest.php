<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\SceneWorked;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Raster\GreyGrid;
use TruePupil\Core\Series\SceneFrame;
use TruePupil\Core\Series\SceneWork;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Assignment;
use TruePupil\Core\Situation\Situation;

final class SceneWorkedTest extends TestCase
{
    public function test_what_was_done_with_a_scene_is_told_with_its_amounts(): void
    {
        $worked = $this->judge([
            new SceneFrame(4.0, 50.0, 0, 0.2),
            new SceneFrame(25.0, 50.0, 60, 0.9),
            new SceneFrame(4.0, 50.0, 2400, 0.2),
        ]);
        $this->assertSame(Severity::Praise, $worked?->severity);
        $this->assertStringContainsString(
            'the height of the camera, by 0.7 of the subject, the distance, 1 to 2.5, the time, by 40 minutes.',
            $worked->sentence,
        );
        $this->assertStringContainsString('The same stayed: the focal length.', $worked->sentence);

        $still = $this->judge([new SceneFrame(4.0, 50.0, 0), new SceneFrame(4.0, 50.0, 9)]);
        $this->assertSame(Severity::Weakness, $still?->severity);
        $this->assertStringContainsString('Mark the horizon in two frames', $still->sentence);
        $two = $this->judge([new SceneFrame(4.0, 50.0, 0), new SceneFrame(25.0, 50.0, 900)]);
        $this->assertSame(Severity::Choice, $two?->severity);
        $twins = $this->judge([
            new SceneFrame(4.0, 50.0, picture: $this->picture(1)),
            new SceneFrame(4.0, 50.0, picture: $this->picture(1)),
        ]);
        $this->assertStringContainsString('Frame 2 says what frame 1 says already', (string) $twins?->sentence);
        $this->assertNull($this->judge([new SceneFrame(), new SceneFrame()], SeriesKind::Set));
    }

    /** @param  list<SceneFrame>  $frames */
    private function judge(array $frames, SeriesKind $kind = SeriesKind::Scene): ?Finding
    {
        $any = Situations::make();

        return (new SceneWorked())->judge(new Situation(
            record: $any->record,
            measures: $any->measures,
            approach: $any->approach,
            assignment: new Assignment(rowKind: $kind, work: new SceneWork($frames)),
        ));
    }

    private function picture(int $seed): GreyGrid
    {
        mt_srand($seed);

        return GreyGrid::of(96, 64, array_map(fn (int $cell): float => (float) mt_rand(0, 255), range(1, 96 * 64)));
    }
}
