<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\BlockedShadows;

final class BlockedShadowsTest extends TestCase
{
    public function test_form_lost_in_black(): void
    {
        $this->assertStringContainsString(
            '8.0 %',
            (string) (new BlockedShadows())->judge(Situations::make(blockedPct: 8))?->sentence,
        );
    }

    public function test_a_little_true_black_is_fine(): void
    {
        $this->assertNull((new BlockedShadows())->judge(Situations::make(blockedPct: 3)));
    }
}
