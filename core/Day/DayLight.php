<?php

declare(strict_types=1);

namespace TruePupil\Core\Day;

use TruePupil\Core\Plan\Outing;
use TruePupil\Core\Sky\Compass;
use TruePupil\Core\Sky\JulianDay;
use TruePupil\Core\Sky\LightDirection;
use TruePupil\Core\Sky\Sun;
use TruePupil\Core\Sky\SunDay;

/** When the light of the sun is where, over the hours of a day's sheet. */
final class DayLight
{
    /**
     * What the sun does between beginning and end.
     *
     * @return array<int, string> by minutes after midnight of the day; empty without date, place and hours
     */
    public static function events(DaySheet $sheet): array
    {
        $available = $sheet->available();
        if ($sheet->date === null || $sheet->place === null || $sheet->begins === null || $available === null) {
            return [];
        }
        $events = [];
        foreach ([0, 1] as $day) {
            $date = $sheet->moment($day * DayTime::DAY);
            $sun = new SunDay($sheet->place, $date);
            $found = [
                'sunrise' => $sun->rises(),
                'sunset' => $sun->sets(),
                'the low light of the morning begins' => $sun->goldenMorning()['from'],
                'the low light of the morning ends' => $sun->goldenMorning()['to'],
                'the low light of the evening begins' => $sun->goldenEvening()['from'],
                'the low light of the evening ends' => $sun->goldenEvening()['to'],
            ];
            foreach ($found as $what => $moment) {
                // By the clock, as the hours of a sheet are, also on days on which clocks are changed.
                $minute = $moment === null ? -1 : DayTime::DAY * (int) $sheet->moment(0)->diff(
                    $moment->setTime(0, 0),
                )->format('%r%a') + 60 * (int) $moment->format('G') + (int) $moment->format('i');
                if ($minute >= $sheet->begins && $minute <= $sheet->begins + $available) {
                    $events[$minute] = $what;
                }
            }
        }
        ksort($events);

        return $events;
    }

    public static function isSunUp(Outing $outing): bool
    {
        return $outing->sunAltitude($outing->at) >= 0;
    }

    /** Where the sun stands, and how its light comes for the bearing that is known. */
    public static function words(Outing $outing): string
    {
        $sun = Sun::seenFrom($outing->place, JulianDay::fromTimestamp((float) $outing->at->getTimestamp()));
        $from = $outing->lightFrom($outing->at);
        if (! self::isSunUp($outing)) {
            return 'the sun is down';
        }
        $where = sprintf('the sun %d° up in the %s', round($sun->altitude), Compass::words($sun->azimuth));

        return match (true) {
            $from === null || $outing->bearing === null => $where,
            $from === LightDirection::Side => sprintf(
                '%s: side light from the %s',
                $where,
                LightDirection::relative($sun->azimuth, $outing->bearing) > 0 ? 'right' : 'left',
            ),
            default => $where.': '.explode(':', $from->label())[0],
        };
    }
}
