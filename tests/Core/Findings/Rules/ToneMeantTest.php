<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\ToneMeant;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\MeantTone;

final class ToneMeantTest extends TestCase
{
    public function test_a_silhouette_is_dark_before_something_bright(): void
    {
        $this->assertSame(Severity::Praise, self::severity(MeantTone::Silhouette, -2.5, scene: 0.0));
        $this->assertSame(Severity::Weakness, self::severity(MeantTone::Silhouette, -1.9, scene: 1.0), 'still bright');
        $this->assertSame(Severity::Weakness, self::severity(MeantTone::Silhouette, -2.5, scene: -0.6), 'no outline');
    }

    public function test_a_dark_picture_keeps_something_that_shines(): void
    {
        $this->assertSame(Severity::Praise, self::severity(MeantTone::LowKey, -3.0, highlight: -0.9));
        $this->assertSame(Severity::Weakness, self::severity(MeantTone::LowKey, -3.0, highlight: -1.1));
        $this->assertSame(Severity::Weakness, self::severity(MeantTone::Darker, -3.0, highlight: -1.1));
    }

    public function test_a_bright_picture_keeps_its_subject(): void
    {
        $this->assertSame(Severity::Praise, self::severity(MeantTone::HighKey, 2.0));
        $this->assertSame(Severity::Weakness, self::severity(MeantTone::HighKey, 2.6));
        $this->assertSame(Severity::Weakness, self::severity(MeantTone::Brighter, 2.6));
    }

    public function test_silent_where_nothing_was_declared(): void
    {
        $this->assertNull((new ToneMeant())->judge(Situations::make(subject: -3.0, wanted: null)));
    }

    private static function severity(
        MeantTone $tone,
        float $subject,
        float $scene = 0.0,
        float $highlight = 1.0,
    ): ?Severity {
        return (new ToneMeant())->judge(
            Situations::make(
                subject: $subject,
                wanted: null,
                metering: ['scene' => $scene, 'highlight' => $highlight - 2.0],
                intent: new Intent(tone: $tone),
            ),
        )?->severity;
    }
}
