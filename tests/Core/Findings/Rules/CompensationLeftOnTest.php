<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Parts;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\CompensationLeftOn;
use TruePupil\Core\Kit\ExposureMode;

final class CompensationLeftOnTest extends TestCase
{
    public function test_the_miss_is_the_compensation(): void
    {
        $finding = (new CompensationLeftOn())->judge(Situations::make(compensation: -2.0, subject: -2.1, wanted: 0.0));

        $this->assertSame(-2.0, $finding?->evidence[0]->value);
        $this->assertStringContainsString('too dark', $finding->sentence);
    }

    public function test_compensation_that_placed_the_subject_is_not_left_on(): void
    {
        $this->assertNull((new CompensationLeftOn())->judge(Situations::make(compensation: 4 / 3, subject: 4 / 3)));
        $this->assertNull(
            (new CompensationLeftOn())->judge(
                Situations::make(compensation: -2.0, subject: -2.0, wanted: 0.0, mode: ExposureMode::Manual),
            ),
        );
    }

    public function test_the_frame_before_had_it_too(): void
    {
        $earlier = [Parts::changed(Situations::frames([[5.6, 1 / 100, 100, 0]])[0], compensation: -2.0)];

        $this->assertStringContainsString(
            'as in the frame before',
            (string) (new CompensationLeftOn())->judge(
                Situations::make(compensation: -2.0, subject: -2.0, wanted: 0.0, earlier: $earlier),
            )?->sentence,
        );
    }
}
