<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\MixedLight;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Measures\AreaWarmth;
use TruePupil\Core\Raster\ColourGrid;

final class MixedLightTest extends TestCase
{
    public function test_two_areas_of_which_one_is_much_warmer_are_asked_about(): void
    {
        $limit = Thresholds::TWO_LIGHTS;
        $this->assertStringContainsString('0.6 stops warmer', (string) $this->judge(-0.1, $limit - 0.1)?->sentence);
        $this->assertStringEndsWith('?', (string) $this->judge(-0.1, 1.0)?->sentence);
        $this->assertNull($this->judge(0.0, $limit - 0.01));
        $this->assertNull($this->judge(2.0));
        $this->assertNull((new MixedLight())->judge(Situations::make()));
    }

    public function test_warmth_is_red_against_blue_in_linear_light(): void
    {
        // Left: grey; right: red is twice as much light as blue (188 and 137 in sRGB are 0.5 and 0.25).
        $bytes = '';
        for ($row = 0; $row < 4; $row++) {
            $bytes .= str_repeat(pack('C3', 128, 128, 128), 4).str_repeat(pack('C3', 188, 160, 137), 4);
        }
        $marks = new Marks(null, [
            Mark::of(MarkKind::Area, [[0.0, 0.0], [0.49, 1.0]]),
            Mark::of(MarkKind::Area, [[0.51, 0.0], [1.0, 1.0]]),
            // Too small to hold the middle of a cell.
            Mark::of(MarkKind::Area, [[0.001, 0.001], [0.012, 0.012]]),
            Mark::of(MarkKind::Surround, [[0.0, 0.0], [1.0, 1.0]]),
        ]);
        $warmth = AreaWarmth::of($marks, ColourGrid::ofBytes(8, 4, $bytes));

        $this->assertCount(2, $warmth);
        $this->assertEqualsWithDelta(0.0, $warmth[0], 0.01);
        $this->assertEqualsWithDelta(1.0, $warmth[1], 0.03);
    }

    private function judge(float ...$warmth): ?Finding
    {
        return (new MixedLight())->judge(Situations::make(marks: ['areaWarmth' => array_values($warmth)]));
    }
}
