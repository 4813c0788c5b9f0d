<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\FlashWithSilentShutter;
use TruePupil\Core\Findings\Severity;

final class FlashWithSilentShutterTest extends TestCase
{
    public function test_both_at_once(): void
    {
        $this->assertSame(
            Severity::Fault,
            (new FlashWithSilentShutter())->judge(Situations::make(record: ['flashFired' => true, 'silent' => true]))
                ?->severity,
        );
    }

    public function test_either_alone(): void
    {
        $this->assertNull(
            (new FlashWithSilentShutter())->judge(Situations::make(record: ['flashFired' => true, 'silent' => false])),
        );
        $this->assertNull(
            (new FlashWithSilentShutter())->judge(Situations::make(record: ['flashFired' => false, 'silent' => true])),
        );
        $this->assertNull((new FlashWithSilentShutter())->judge(Situations::make(record: ['flashFired' => true])));
    }
}
