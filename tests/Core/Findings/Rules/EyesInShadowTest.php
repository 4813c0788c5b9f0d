<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\EyesInShadow;
use TruePupil\Core\Findings\Severity;

final class EyesInShadowTest extends TestCase
{
    public function test_an_eye_in_shadow_is_asked_about_with_what_would_help(): void
    {
        $finding = $this->judge(-1.5);

        $this->assertSame(Severity::Weakness, $finding?->severity);
        $this->assertStringContainsString('reflector', $finding->sentence);
        $this->assertStringEndsWith('?', strtok($finding->sentence, '?').'?');
        $this->assertNotNull($this->judge(-0.82));
        $this->assertNull($this->judge(-0.78));
    }

    public function test_a_mirrored_light_is_praised_unless_the_eye_is_dark_all_the_same(): void
    {
        $this->assertSame(Severity::Praise, $this->judge(-0.2, true)?->severity);
        $this->assertSame(Severity::Weakness, $this->judge(-1.5, true)?->severity);
        $this->assertNull((new EyesInShadow())->judge(Situations::make()), 'no eye is marked');
    }

    private function judge(float $stops, bool $catchLight = false): ?Finding
    {
        return (new EyesInShadow())->judge(
            Situations::make(eyeLight: ['stops' => $stops, 'catchLight' => $catchLight]),
        );
    }
}
