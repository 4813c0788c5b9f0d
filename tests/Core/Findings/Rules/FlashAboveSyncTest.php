<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\FlashAboveSync;

final class FlashAboveSyncTest extends TestCase
{
    public function test_a_stop_and_a_third_above(): void
    {
        $finding = (new FlashAboveSync())->judge(
            Situations::make(t: 1 / 500, iso: 400, kit: Situations::kit(), record: ['flashFired' => true]),
        );

        $this->assertEqualsWithDelta(-4 / 3, $finding?->evidence[0]->margin, 0.01);
        $this->assertSame(1 / 200, $finding->suggestion?->exposure->settings->time->nominal());
    }

    public function test_a_flash_with_high_speed_sync_lights_all_of_it(): void
    {
        $kit = Situations::kit(more: ['flash' => ['guideNumber' => 40, 'highSpeedSync' => true]]);

        $this->assertNull(
            (new FlashAboveSync())->judge(Situations::make(t: 1 / 500, kit: $kit, record: ['flashFired' => true])),
        );
    }

    public function test_at_sync_or_without_flash(): void
    {
        $this->assertNull(
            (new FlashAboveSync())->judge(
                Situations::make(t: 1 / 200, kit: Situations::kit(), record: ['flashFired' => true]),
            ),
        );
        $this->assertNull(
            (new FlashAboveSync())->judge(
                Situations::make(t: 1 / 500, kit: Situations::kit(), record: ['flashFired' => false]),
            ),
        );
    }
}
