<?php

declare(strict_types=1);

namespace Tests\Core\Critique;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Critique\QuietWords;
use TruePupil\Core\Intent\SubjectKind;

final class QuietWordsTest extends TestCase
{
    public function test_a_subject_that_is_much_lighter_or_darker_than_the_rest_holds_the_picture(): void
    {
        // The frame's mean lies at mid-grey; a fifth of it, two stops lighter, leaves the rest at 0.25 of that light.
        $this->assertStringContainsString('stops lighter', (string) $this->holds(2.0));
        $this->assertStringContainsString('its outline carries', (string) $this->holds(-2.0));
        $this->assertNull($this->holds(0.0));
    }

    public function test_both_sides_of_its_limit(): void
    {
        // With a tenth of the frame s stops lighter: s - log2((1 - 0.1 · 2^s) / 0.9).
        $this->assertNull($this->holds(1.08, 0.1));
        $this->assertNotNull($this->holds(1.13, 0.1));
    }

    public function test_what_draws_the_eye_alone_is_said_and_a_frame_without_subject_is_quiet(): void
    {
        $drawn = fn (float $share): ?string => QuietWords::holds(
            Situations::make(subject: 0.0, composition: ['subjectAttention' => $share])->measures,
        );

        $this->assertStringContainsString('What draws the eye', (string) $drawn(0.36));
        $this->assertNull($drawn(0.34));
        $this->assertNull(QuietWords::holds(Situations::make(subject: null)->measures));
    }

    public function test_every_kind_has_something_to_try(): void
    {
        foreach ([null, ...SubjectKind::cases()] as $kind) {
            $this->assertStringEndsWith('.', QuietWords::next($kind));
        }
    }

    private function holds(float $stops, float $share = 0.2): ?string
    {
        return QuietWords::holds(
            Situations::make(subject: $stops, region: Region::of(0.0, 0.0, $share, 1.0))->measures,
        );
    }
}
