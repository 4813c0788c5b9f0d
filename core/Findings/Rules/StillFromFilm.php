<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Capture\PictureOrigin;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Motion\FilmShutter;
use TruePupil\Core\Motion\Stir;
use TruePupil\Core\Situation\Situation;

/** A frame out of a film, of something that moves: the time that flows well in a film is long for a still. */
#[Declared('movement.still-from-film', Topic::Movement)]
final class StillFromFilm extends FindingRule
{
    /** Stops: within a click nobody sees the difference. */
    private const LIMIT = 1 / 3;

    /** Frames a second that are usual. */
    private const USUAL_RATE = 25.0;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        $record = $situation->record;
        $usual = (new FilmShutter(self::USUAL_RATE))->timeAt(FilmShutter::USUAL_ANGLE);
        $taken = $record->exposure->exposureTime->exact ?? $usual;
        $holds = $situation->longestForMovement();
        $isSmeared = $situation->measures->focus?->smear !== null;
        if ($record->origin !== PictureOrigin::Video || ($holds === null && ! $isSmeared)) {
            return null;
        }
        $holds ??= (float) Stir::Talking->longest();
        $beyond = log($taken / $holds, 2);
        if ($beyond <= self::LIMIT) {
            return null;
        }

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $isSmeared ? Severity::Weakness : Severity::Choice,
            sentence: sprintf(
                '%s For a still out of it set %s or shorter before you film, and more ISO for it; the film then '.
                    'looks a little choppy.',
                $record->exposure->exposureTime === null
                    ? sprintf(
                        'A film usually gives each frame half of the time it is shown, about %s at %d frames a second.',
                        ExposureTime::of($usual),
                        self::USUAL_RATE,
                    )
                    : sprintf('Each frame of this film got %s.', $record->exposure->exposureTime),
                ExposureTime::noLongerThan($holds),
            ),
            evidence: [
                new Evidence(
                    $record->exposure->exposureTime === null ? 'exposure time, if it was as usual' : 'exposure time',
                    $taken,
                    's',
                    $holds,
                    -$beyond,
                    'stops',
                ),
            ],
            source: 'Half of the time between two frames is usual in film; what moves asks for the time that holds it.',
            confidence: $record->exposure->exposureTime === null ? 0.6 : 0.9,
        );
    }
}
