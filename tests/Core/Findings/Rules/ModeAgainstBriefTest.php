<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\BriefFrames;
use TruePupil\Core\Brief\BriefWords;
use TruePupil\Core\Brief\DecisionAsked;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\ModeAgainstBrief;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Kit;

final class ModeAgainstBriefTest extends TestCase
{
    public function test_the_brief_wants_the_time_and_the_camera_took_it(): void
    {
        $finding = $this->judge(ExposureMode::Aperture, DecisionAsked::Time);

        $this->assertSame(Severity::Fault, $finding?->severity);
        $this->assertStringContainsString('the exposure time', $finding->sentence);
    }

    public function test_left_to_the_person(): void
    {
        $this->assertNull($this->judge(ExposureMode::Shutter, DecisionAsked::Time));
        $this->assertNull($this->judge(ExposureMode::Manual, DecisionAsked::Compensation));
        $this->assertNull($this->judge(ExposureMode::Aperture, DecisionAsked::Iso));
        $this->assertNotNull($this->judge(ExposureMode::Aperture, DecisionAsked::Iso, automatic: true));
    }

    public function test_what_a_phone_cannot_do_is_no_fault_of_its_owner(): void
    {
        $finding = $this->judge(ExposureMode::Program, DecisionAsked::Aperture, kit: Situations::phone());
        $this->assertSame(Severity::Choice, $finding?->severity);
        $this->assertStringContainsString('with a phone its app does. Ask what to do', $finding->sentence);
    }

    public function test_full_automatic_is_another_finding(): void
    {
        $this->assertNull($this->judge(ExposureMode::Auto, DecisionAsked::Time));
    }

    private function judge(
        ExposureMode $mode,
        DecisionAsked $asked,
        ?bool $automatic = null,
        ?Kit $kit = null,
    ): ?Finding {
        $brief = new Brief(
            id: 'it',
            number: 1,
            words: new BriefWords(title: 'It', purpose: 'For a test.', task: [], cautions: []),
            frames: new BriefFrames(least: 1),
            placements: [],
            checks: [],
            decisions: [$asked],
        );

        return (new ModeAgainstBrief())->judge(
            Situations::make(mode: $mode, brief: $brief, record: ['isoAutomatic' => $automatic], kit: $kit),
        );
    }
}
