<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\MeterFooled;
use TruePupil\Core\Metering\MeteringPattern;

final class MeterFooledTest extends TestCase
{
    public function test_a_white_subject_rendered_grey_names_the_compensation_it_needed(): void
    {
        $finding = (new MeterFooled())->judge(Situations::make(subject: 0.0, metering: ['scene' => 0.1]));

        $this->assertStringContainsString('mainly bright', (string) $finding?->sentence);
        $this->assertStringContainsString('Compensation of +1⅓', (string) $finding?->sentence);
    }

    public function test_a_black_subject_rendered_grey(): void
    {
        $finding = (new MeterFooled())->judge(Situations::make(subject: -0.5, wanted: -2.0));

        $this->assertEqualsWithDelta(-1.5, $finding?->evidence[2]->value, 0.01);
        $this->assertStringContainsString('mainly dark', (string) $finding?->sentence);
    }

    public function test_compensation_already_set_counts_towards_what_is_needed(): void
    {
        $finding = (new MeterFooled())->judge(
            Situations::make(subject: 1 / 3, compensation: 1 / 3, metering: ['scene' => 1 / 3]),
        );

        $this->assertStringContainsString('Compensation of +1⅓', (string) $finding?->sentence);
    }

    public function test_a_frame_whose_meter_was_overruled_says_nothing_of_it(): void
    {
        $this->assertNull((new MeterFooled())->judge(Situations::make(subject: 0.0, metering: ['scene' => -1.5])));
    }

    public function test_a_miss_away_from_grey_is_another_matter(): void
    {
        $this->assertNull((new MeterFooled())->judge(Situations::make(subject: 2.3)));
    }

    public function test_it_listens_to_the_pattern_that_was_used(): void
    {
        $spotOnGrey = Situations::make(
            subject: 0.0,
            metering: ['scene' => -2.0, 'spot' => 0.0],
            pattern: MeteringPattern::Spot,
        );

        $this->assertNotNull((new MeterFooled())->judge($spotOnGrey));
    }
}
