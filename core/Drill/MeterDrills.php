<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Exposure\Stops;

/** Where the meter's mark will stand: on the whole scene, then on one spot of it, then behind a filter. */
final class MeterDrills extends DrillMaker
{
    public function make(DrillScene $scene, int $level, int $seed, Approach $approach = new Approach()): Drill
    {
        $draw = new RandomChoice($seed);
        $grain = $level === 1 ? 3 : 1;
        $spots = $level >= 3 && $scene->places !== [];
        $place = $spots ? $draw->one(array_keys($scene->places)) : null;
        // About right for what is metered: a mark far beyond the scale's end could not be read off.
        $right = self::settings($draw, $place === null ? $scene->ev100 : $scene->places[$place], $grain);
        // What the meter reads, as the nearest third: nobody is asked to guess hundredths.
        $light = round(3 * ($place === null ? $right->ev100()->value : $scene->places[$place])) / 3;
        $off = $grain * $draw->either(1, intdiv(6, $grain));
        $settings = $right->withTime(
            ExposureTime::atStep((int) max(-39, min(15, round(3 * log($right->time->exact, 2)) + $off))),
        );
        $filter = $level >= 5 ? $draw->one([1.0, 2.0, 3.0]) : 0.0;
        $mark = $light - $filter - $settings->ev100()->value;

        return new Drill(
            kind: DrillKind::MeterSays,
            level: $level,
            seed: $seed,
            scene: $scene->id,
            question: sprintf(
                '%s: %s reads EV %s at ISO 100.%s The camera is set to %s in manual. Where does the mark stand?',
                $scene->title,
                $place === null ? 'the meter' : 'a spot on '.$place,
                self::thirds($light),
                $filter > 0 ? sprintf(' A filter of %s stops is on the lens.', $filter) : '',
                $settings,
            ),
            answer: new DrillAnswer(
                unit: AnswerUnit::Stops,
                right: $mark,
                why: sprintf(
                    '%s at ISO 100 comes to EV %.1f; the light is EV %s%s. What is left is the mark.',
                    $settings,
                    $settings->ev100()->value,
                    self::thirds($light),
                    $filter > 0 ? sprintf(' less %s for the filter', $filter) : '',
                ),
                ledgers: [
                    LightLedger::of(Ev100::of($light), $right, Stops::none()),
                    LightLedger::of(Ev100::of($light), $settings, Stops::none(), filter: Stops::of($filter)),
                ],
            ),
        );
    }

    private static function thirds(float $ev): string
    {
        $thirds = (int) round(3 * $ev);
        $whole = (int) floor($thirds / 3);

        return $whole.['', '⅓', '⅔'][$thirds - 3 * $whole];
    }
}
