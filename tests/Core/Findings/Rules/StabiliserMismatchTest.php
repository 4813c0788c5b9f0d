<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\StabiliserMismatch;
use TruePupil\Core\Kit\Support;

final class StabiliserMismatchTest extends TestCase
{
    public function test_on_a_tripod(): void
    {
        $this->assertStringContainsString(
            'switch it off',
            (string) (new StabiliserMismatch())->judge(
                Situations::make(t: 1, support: Support::Tripod, record: ['stabiliser' => true]),
            )?->sentence,
        );
    }

    public function test_off_by_hand(): void
    {
        $this->assertStringContainsString(
            'Switch it on',
            (string) (new StabiliserMismatch())->judge(Situations::make(t: 1 / 15, record: ['stabiliser' => false]))
                ?->sentence,
        );
    }

    public function test_where_it_does_no_harm_or_is_not_recorded(): void
    {
        $this->assertNull(
            (new StabiliserMismatch())->judge(
                Situations::make(t: 1 / 500, support: Support::Tripod, record: ['stabiliser' => true]),
            ),
        );
        $this->assertNull(
            (new StabiliserMismatch())->judge(Situations::make(t: 1 / 250, record: ['stabiliser' => false])),
        );
        $this->assertNull((new StabiliserMismatch())->judge(Situations::make(t: 1, support: Support::Tripod)));
    }
}
