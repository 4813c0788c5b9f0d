<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\RawChannelLost;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Measures\RawMeasures;

final class RawChannelLostTest extends TestCase
{
    public function test_red_is_gone_for_good(): void
    {
        $finding = $this->judge(red: 4.0, green: 0.0);

        $this->assertSame(Severity::Weakness, $finding?->severity);
        $this->assertStringContainsString('In 4.0 % of the subject red is gone for good', $finding->sentence);
        $this->assertSame('red at the end of the sensor', $finding->evidence[0]->name);
    }

    public function test_two_colours_at_once(): void
    {
        $this->assertStringContainsString('red and green are gone', (string) $this->judge(4.0, 2.0)?->sentence);
    }

    public function test_the_limits(): void
    {
        $this->assertNotNull($this->judge(1.5, 0.0));
        $this->assertNull($this->judge(1.4, 0.0));
        $this->assertNotNull($this->judge(3.0, 0.0, ofSubject: false));
        $this->assertNull($this->judge(2.9, 0.0, ofSubject: false));
    }

    public function test_white_is_another_rules_and_without_a_raw_file_nothing_is_said(): void
    {
        $this->assertNotNull($this->judge(5.0, 5.0, blue: 1.4));
        $this->assertNull($this->judge(5.0, 5.0, blue: 1.5));
        $this->assertNull((new RawChannelLost())->judge(Situations::make()));
    }

    private function judge(float $red, float $green, float $blue = 0.0, bool $ofSubject = true): ?Finding
    {
        $channel = fn (float $lost): array => ['-3' => 100 - $lost, '0' => $lost];
        $lost = Situations::raw($channel($red), $channel($green), $channel($blue));
        $whole = Situations::raw($channel(0.0), $channel(0.0), $channel(0.0));

        return (new RawChannelLost())->judge(
            Situations::make(
                subject: $ofSubject ? 0.0 : null,
                raw: $ofSubject ? new RawMeasures($whole, $lost) : new RawMeasures($lost),
            ),
        );
    }
}
