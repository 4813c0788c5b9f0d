<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Adviser\SuggestedEffect;
use TruePupil\Core\Adviser\SuggestedExposure;
use TruePupil\Core\Adviser\SuggestedLens;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Approach\Start;
use TruePupil\Core\Checks\Measures\RecordMode;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** An automatic or scene mode took every exposure decision. */
#[Declared('mode.decision-left-to-camera', Topic::Mode, contradictedBy: [RecordMode::class])]
final class DecisionLeftToCamera extends FindingRule
{
    public function needs(): array
    {
        return [Need::Mode];
    }

    public function judge(Situation $situation): ?Finding
    {
        $mode = $situation->record->exposure->mode;
        if ($mode !== ExposureMode::Auto && $mode !== ExposureMode::Scene) {
            return null;
        }
        $automaticFirst = $situation->approach->start === Start::AutomaticFirst;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $automaticFirst ? Severity::Choice : Severity::Fault,
            sentence: sprintf(
                'The camera decided everything (%s), and it takes no exposure compensation, so nothing could tell it '.
                    'that the subject is not grey. %s',
                $mode->label(),
                match ($situation->approach->start) {
                    Start::Manual => 'Set aperture, time and ISO yourself.',
                    default => 'Use aperture priority with compensation.',
                },
            ),
            evidence: [new Evidence('exposure mode', $mode->value, '', 'program, aperture, shutter or manual')],
            source: 'Who decides aperture, time, ISO and compensation in each mode.',
            suggestion: self::takenOver($situation),
            otherView: $automaticFirst
                ? 'This course starts from automatic; courses that start in manual would not take this frame.'
                : 'Some courses start from automatic and take over one value at a time.',
        );
    }

    /** The same exposure, with the aperture in the person's hands: a beginning. */
    private static function takenOver(Situation $situation): ?Suggestion
    {
        $settings = $situation->record->settings();
        if ($settings === null || $situation->hasOneAperture()) {
            return null;
        }
        $mode = $situation->approach->start === Start::Manual ? ExposureMode::Manual : ExposureMode::Aperture;

        return new Suggestion(
            'mode',
            sprintf('Begin with the same exposure in %s: %s', $mode->label(), $settings),
            new SuggestedExposure($settings, $mode, null),
            new SuggestedLens(
                $situation->record->lens->name,
                $situation->record->lens->focalLength,
                $situation->widest()?->nominal(),
            ),
            $situation->record->support,
            new SuggestedEffect(['the decision is yours'], []),
        );
    }
}
