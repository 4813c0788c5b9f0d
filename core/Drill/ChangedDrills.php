<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Exposure\Stops;

/**
 * Two real frames between which one value moved. The difference shrinks from three stops to two thirds as the level
 * rises; half of it lies to either side of the right exposure, so that both can be read.
 */
final class ChangedDrills extends DrillMaker
{
    private const THIRDS = [1 => 9, 2 => 6, 3 => 4, 4 => 3, 5 => 2];

    public function make(DrillScene $scene, int $level, int $seed, Approach $approach = new Approach()): Drill
    {
        $draw = new RandomChoice($seed);
        $which = $draw->one($scene->moves ? ['aperture', 'time', 'iso'] : ['aperture', 'iso']);
        $thirds = self::THIRDS[$level] * ($draw->whole(0, 1) === 0 ? -1 : 1);
        $middle = self::settings($draw, $scene->ev100, 1);
        // Light, in thirds of a stop, that each frame has more than the middle.
        [$first, $second] = [-intdiv($thirds, 2), $thirds - intdiv($thirds, 2)];
        // Room below, so that ISO can go down as far as it is to: what it is raised by, the time gives back.
        $short = $which === 'iso' ? max(0, -min($first, $second) - (int) round(3 * $middle->iso->stopsAbove100())) : 0;
        $middle = $middle
            ->withIso(Iso::atStep((int) round(3 * $middle->iso->stopsAbove100()) + $short))
            ->withTime(ExposureTime::atStep((int) round(3 * log($middle->time->exact, 2)) - $short));
        $frame = fn (int $more): ExposureSettings => match ($which) {
            'aperture' => $middle->withAperture(
                Aperture::atStep((int) max(3, min(26, round(6 * log($middle->aperture->exact, 2)) - $more))),
            ),
            'time' => $middle->withTime(ExposureTime::atStep((int) round(3 * log($middle->time->exact, 2)) + $more)),
            default => $middle->withIso(Iso::atStep((int) max(0, round(3 * $middle->iso->stopsAbove100()) + $more))),
        };
        [$a, $b] = [$frame($first), $frame($second)];
        $light = Ev100::of($scene->ev100);

        return new Drill(
            kind: DrillKind::Changed,
            level: $level,
            seed: $seed,
            scene: $scene->id,
            question: sprintf(
                '%s, twice. One value moved from the first frame to the second. Which one?',
                $scene->title,
            ),
            answer: new DrillAnswer(
                unit: AnswerUnit::Choice,
                right: $which,
                why: match ($which) {
                    'aperture' => 'Brightness moves with each of the three. Here what lies nearer and farther got '.
                        ($thirds > 0 ? 'softer' : 'sharper').
                        ': the aperture '.
                        ($thirds > 0 ? 'opened.' : 'closed.'),
                    'time' => 'Brightness moves with each of the three. Here what moves is drawn out '.
                        ($thirds > 0 ? 'more' : 'less').
                        ': the time got '.
                        ($thirds > 0 ? 'longer.' : 'shorter.'),
                    default => 'Brightness moves with each of the three. Depth and movement stayed; the grain got '.
                        ($thirds > 0 ? 'coarser: ISO went up.' : 'finer: ISO went down.'),
                },
                choices: $scene->moves
                    ? ['aperture' => 'the aperture', 'time' => 'the time', 'iso' => 'ISO']
                    : ['aperture' => 'the aperture', 'iso' => 'ISO'],
                ledgers: [LightLedger::of($light, $a, Stops::none()), LightLedger::of($light, $b, Stops::none())],
            ),
            frames: [new DrillFrame('first', $scene->id, $a), new DrillFrame('second', $scene->id, $b)],
        );
    }
}
