<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Series\SceneChange;
use TruePupil\Core\Series\SceneWork;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Situation\Situation;

/** A row of frames of one subject: what its photographer changed, and which frame says what another one says. */
#[Declared('series.scene-worked', Topic::Series)]
final class SceneWorked extends FindingRule
{
    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $work = $situation->assignment->work;
        if ($work === null || $situation->assignment->rowKind !== SeriesKind::Scene) {
            return null;
        }
        $changes = $work->changes();
        $same = array_filter(SceneChange::cases(), fn (SceneChange $one): bool => $work->hasChanged($one) === false);
        $twins = $work->twins();

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: match (true) {
                $changes === [] => Severity::Weakness,
                count($changes) >= Thresholds::SCENE_CHANGES => Severity::Praise,
                default => Severity::Choice,
            },
            sentence: implode(' ', array_filter([
                $changes === []
                    ? 'Nothing that can be told changed between the frames: go nearer, round, up, down, or wait.'
                    : sprintf('Between the frames changed: %s.', implode(', ', array_map(
                        fn (SceneChange $one): string => self::words($one, $work),
                        $changes,
                    ))),
                $changes === [] || $same === [] ? '' : sprintf(
                    'The same stayed: %s.',
                    implode(', ', array_map(fn (SceneChange $one): string => $one->label(), $same)),
                ),
                $twins === [] ? '' : sprintf(
                    'Frame %d says what frame %d says already: leave one of them out.',
                    ...$twins[0],
                ),
                $work->hasChanged(SceneChange::Height) === null
                    ? 'Mark the horizon in two frames, and the height of the camera is told too.'
                    : '',
            ])),
            evidence: [
                new Evidence(
                    'kinds of change',
                    (float) count($changes),
                    '',
                    (float) Thresholds::SCENE_CHANGES,
                    (float) (count($changes) - Thresholds::SCENE_CHANGES),
                ),
            ],
            source: 'Distance from focal length and the marked subject; the place from how alike the pictures are; '.
                'the height from where the horizon crosses the subject; times from the records.',
            confidence: 0.6,
        );
    }

    private static function words(SceneChange $change, SceneWork $work): string
    {
        return match ($change) {
            SceneChange::Distance => sprintf('the distance, 1 to %.1f', $work->distanceRatio()),
            SceneChange::FocalLength => sprintf('the focal length, 1 to %.1f', $work->focalRatio()),
            SceneChange::Time => sprintf('the time, by %d minutes', round(($work->seconds() ?? 0) / 60)),
            SceneChange::Height => sprintf('the height of the camera, by %.1f of the subject', $work->heightRange()),
            SceneChange::Place => $change->label(),
        };
    }
}
