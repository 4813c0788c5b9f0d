<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToPicture;
use TruePupil\Core\Approach\WhiteBalanceSetting;
use TruePupil\Core\Findings\Rules\WhiteBalanceLeftToCamera;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Series\Series;

final class WhiteBalanceLeftToCameraTest extends TestCase
{
    public function test_a_course_with_fixed_values_names_it_and_a_row_more_so(): void
    {
        $fixed = new Approach(picture: new ApproachToPicture(whiteBalance: WhiteBalanceSetting::Fixed));
        $rule = new WhiteBalanceLeftToCamera();
        $alone = $rule->judge(Situations::make(approach: $fixed, record: ['whiteBalance' => 'auto']));
        $row = $rule->judge(
            Situations::make(
                approach: $fixed,
                record: ['whiteBalance' => 'auto'],
                series: Series::of(Situations::frames([[8, 1 / 60, 100, 0], [8, 1 / 15, 100, 1]])),
            ),
        );

        $this->assertSame([Severity::Choice, Severity::Weakness], [$alone?->severity, $row?->severity]);
        $this->assertStringContainsString('raw', (string) $alone->otherView);
    }

    public function test_set_by_hand_not_recorded_or_left_automatic_on_purpose(): void
    {
        $fixed = new Approach(picture: new ApproachToPicture(whiteBalance: WhiteBalanceSetting::Fixed));
        $rule = new WhiteBalanceLeftToCamera();
        $this->assertNull($rule->judge(Situations::make(approach: $fixed, record: ['whiteBalance' => 'set'])));
        $this->assertNull($rule->judge(Situations::make(approach: $fixed)));
        $this->assertNull($rule->judge(Situations::make(record: ['whiteBalance' => 'auto'])));
    }
}
