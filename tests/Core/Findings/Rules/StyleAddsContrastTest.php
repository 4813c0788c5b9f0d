<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Capture\RecordedProcessing;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\StyleAddsContrast;

final class StyleAddsContrastTest extends TestCase
{
    public function test_what_a_strong_style_may_have_lost_is_asked(): void
    {
        $finding = self::judge('Vivid', 3.1);

        $this->assertStringContainsString('"Vivid"', (string) $finding?->sentence);
        $this->assertStringContainsString('?', (string) $finding?->sentence);
        $this->assertLessThan(0.7, $finding?->confidence);
        $this->assertNotNull(self::judge('Vivid', 0.0, 3.1), 'blocked shadows count like lost highlights');
    }

    public function test_nothing_lost_a_plain_style_or_none_recorded(): void
    {
        $this->assertNull(self::judge('Vivid', 2.9));
        foreach (['Standard', 'Neutral', 'Faithful', 'Flat', 'Auto', null] as $style) {
            $this->assertNull(self::judge($style, 20.0), (string) $style);
        }
    }

    private static function judge(?string $style, float $lost, float $blocked = 0.0): ?Finding
    {
        return (new StyleAddsContrast())->judge(
            Situations::make(
                record: ['processing' => new RecordedProcessing($style)],
                frame: Situations::tone(0.0, $lost, $blocked),
            ),
        );
    }
}
