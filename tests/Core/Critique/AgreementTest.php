<?php

declare(strict_types=1);

namespace Tests\Core\Critique;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Adviser\SettingBounds;
use TruePupil\Core\Adviser\SuggestedEffect;
use TruePupil\Core\Adviser\SuggestedExposure;
use TruePupil\Core\Adviser\SuggestedLens;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Critique\Agreement;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\ExposureMode;

/** What the brief asks for, no finding speaks against. */
final class AgreementTest extends TestCase
{
    public function test_nobody_is_told_to_do_what_the_brief_forbids(): void
    {
        $of = fn (Severity $severity, float $n): Finding => new Finding(
            'focus.something',
            Topic::Focus,
            $severity,
            'It would be crisper.',
            [],
            '',
            $this->suggestion($n),
        );
        $wide = new SettingBounds(aperture: [0.0, 2.8]);
        $said = fn (Finding $finding, SettingBounds $bounds): array => Agreement::of([$finding], [], [], $bounds);

        $this->assertSame([], $said($of(Severity::Choice, 5.6), $wide), 'an opinion is not given');
        $this->assertNull($said($of(Severity::Fault, 5.6), $wide)[0]->suggestion, 'a fault stays, without it');
        $this->assertNotNull($said($of(Severity::Choice, 2.0), $wide)[0]->suggestion);
        $this->assertNotNull($said($of(Severity::Choice, 5.6), new SettingBounds())[0]->suggestion);
    }

    public function test_a_mode_that_is_not_asked_for_is_missed(): void
    {
        $manual = new SettingBounds(modes: [ExposureMode::Manual]);

        $this->assertSame(['the mode'], $manual->missedBy($this->suggestion(4)));
        $this->assertSame([], $manual->missedBy($this->suggestion(4)->byHand()));
        $this->assertSame([], (new SettingBounds(aperture: [0.0, 4.0]))->missedBy($this->suggestion(4)));
        $this->assertSame(['the aperture'], (new SettingBounds(aperture: [0.0, 3.5]))->missedBy($this->suggestion(4)));
    }

    private function suggestion(float $n): Suggestion
    {
        return new Suggestion(
            'aperture',
            'Close the lens',
            new SuggestedExposure(
                new ExposureSettings(Aperture::of($n), ExposureTime::of(1 / 60), Iso::of(200)),
                ExposureMode::Aperture,
                null,
            ),
            new SuggestedLens('a lens', 50.0),
            null,
            new SuggestedEffect([], []),
        );
    }
}
