<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\SubjectSize;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\Intent;

final class SubjectSizeTest extends TestCase
{
    public function test_a_subject_of_half_a_percent(): void
    {
        $finding = (new SubjectSize())->judge(Situations::make(region: Region::of(0.4, 0.4, 0.1, 0.05)));

        $this->assertEqualsWithDelta(0.5, $finding?->evidence[0]->value, 1e-9);
        // From half a percent to six is √12 of focal length.
        $this->assertStringContainsString('173 mm', $finding->sentence);
    }

    public function test_no_room_left_and_just_right(): void
    {
        $large = fn (?string $cells): ?Finding => (new SubjectSize())->judge(Situations::make(
            region: Region::of(0.05, 0.05, 0.9, 0.9),
            shape: $cells === null ? null : new SubjectShape(Region::of(0, 0, 1, 1), 10, 1, $cells),
        ));
        $this->assertStringContainsString(
            'takes 80 % of the frame; nothing is left',
            (string) $large('0111111110')?->sentence,
        );
        $this->assertNull($large('0111110000'), 'the rectangle holds more than what is in it');
        $this->assertNull($large(null), 'nobody knows how much of the rectangle it fills');
        $this->assertNull((new SubjectSize())->judge(Situations::make()));
    }

    public function test_a_figure_that_is_meant_to_be_small(): void
    {
        $judge = fn (float $side): ?Finding => (new SubjectSize())->judge(Situations::make(
            region: Region::of(0.1, 0.1, $side, $side),
            intent: new Intent(idea: Idea::SmallFigure),
        ));

        $this->assertSame(Severity::Praise, $judge(0.05)?->severity);
        $this->assertSame(Severity::Praise, $judge(sqrt(0.0799))?->severity);
        $this->assertStringContainsString('no longer felt', (string) $judge(sqrt(0.0801))?->sentence);
        $this->assertSame(Severity::Praise, $judge(sqrt(0.00201))?->severity);
        $this->assertStringContainsString('nobody finds it', (string) $judge(sqrt(0.00199))?->sentence);
    }
}
