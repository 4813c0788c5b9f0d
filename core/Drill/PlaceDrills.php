<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Exposure\ZoneOfTone;

/** A spot is read; it belongs on a tone of its own. Which time, or which ISO, puts it there? */
final class PlaceDrills extends DrillMaker
{
    public function make(DrillScene $scene, int $level, int $seed, Approach $approach = new Approach()): Drill
    {
        $draw = new RandomChoice($seed);
        $grain = $level === 1 ? 3 : 1;
        $place = $scene->places === [] ? 'the middle' : $draw->one(array_keys($scene->places));
        $metered = self::settings($draw, $scene->places[$place] ?? $scene->ev100, $grain);
        // Two stops either way: beyond, hardly anything is placed.
        $wanted = $grain * $draw->either(1, intdiv(6, $grain));
        $asksIso = $level >= 4;
        $step = (int) round(3 * log($metered->time->exact, 2)) + $wanted;
        $isoStep = (int) round(3 * $metered->iso->stopsAbove100()) + $wanted;
        // Where ISO has no room that way, the time does it.
        $asksIso = $asksIso && $isoStep >= 0 && $isoStep <= 30;
        $settings = $asksIso
            ? $metered->withIso(Iso::atStep($isoStep))
            : $metered->withTime(ExposureTime::atStep($step));
        $tone = Stops::of($wanted / 3);

        return new Drill(
            kind: DrillKind::Place,
            level: $level,
            seed: $seed,
            scene: $scene->id,
            question: sprintf(
                '%s: a spot on %s would come out as mid-grey at %s. It belongs at %s (zone %s). Which %s puts it '.
                    'there, the rest left alone?',
                $scene->title,
                $place,
                $metered,
                $tone->signed(),
                ZoneOfTone::of($tone),
                $asksIso ? 'ISO' : 'time',
            ),
            answer: new DrillAnswer(
                unit: $asksIso ? AnswerUnit::Iso : AnswerUnit::Time,
                right: $asksIso ? $settings->iso->exact : $settings->time->exact,
                why: sprintf(
                    '%s from mid-grey is that much %s light than the meter asks for.',
                    $tone->signed(),
                    $wanted > 0 ? 'more' : 'less',
                ),
                ledgers: [
                    LightLedger::of(Ev100::of($metered->ev100()->value), $metered, Stops::none()),
                    LightLedger::of(Ev100::of($metered->ev100()->value), $settings, $tone),
                ],
            ),
        );
    }
}
