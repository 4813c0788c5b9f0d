<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Exposure\Stops;

/** The same light by other settings: whole stops, then thirds, then two values at once, then a filter. */
final class MatchDrills extends DrillMaker
{
    public function make(DrillScene $scene, int $level, int $seed, Approach $approach = new Approach()): Drill
    {
        $draw = new RandomChoice($seed);
        $grain = $level === 1 ? 3 : 1;
        $before = self::settings($draw, $scene->ev100, $grain);
        $filter = $level >= 4 ? $draw->one([3.0, 6.0]) : 0.0;
        $aperture = Aperture::atStep(
            self::moved($draw, (int) round(6 * log($before->aperture->exact, 2)), $grain, 3, 24),
        );
        $iso =
            $level >= 3
                ? Iso::atStep(self::moved($draw, (int) round(3 * $before->iso->stopsAbove100()), $grain, 0, 24))
                : $before->iso;
        $stops =
            2 * log($aperture->exact / $before->aperture->exact, 2) -
            log($iso->exact / $before->iso->exact, 2) +
            $filter;
        $time = ExposureTime::nearest($before->time->exact * 2 ** $stops);
        $after = $before->withAperture($aperture)->withIso($iso)->withTime($time);
        $asksTime = $level < 5 || $draw->whole(0, 1) === 0;
        $light = Ev100::of($before->ev100()->value);
        $changes = ['the aperture goes to '.$aperture];
        if ($iso->exact !== $before->iso->exact) {
            $changes[] = 'ISO to '.$iso->nominal();
        }
        if ($filter > 0) {
            $changes[] = sprintf('a filter of %s stops goes on', $filter);
        }
        if (! $asksTime) {
            $changes[0] = 'the time goes to '.$time;
        }

        return new Drill(
            kind: DrillKind::Match,
            level: $level,
            seed: $seed,
            scene: $scene->id,
            question: sprintf(
                '%s is right at %s. Now %s. Which %s keeps the exposure?',
                $scene->title,
                $before,
                self::inWords($changes),
                $asksTime ? 'time' : 'aperture',
            ),
            answer: new DrillAnswer(
                unit: $asksTime ? AnswerUnit::Time : AnswerUnit::FNumber,
                right: $asksTime ? $time->exact : $aperture->exact,
                why: sprintf(
                    'What the changes take or give comes to %s; the %s has to make up for it.',
                    Stops::of(-$stops)->signed(),
                    $asksTime ? 'time' : 'aperture',
                ),
                ledgers: [
                    LightLedger::of($light, $before, Stops::none()),
                    LightLedger::of($light, $after, Stops::none(), filter: Stops::of($filter)),
                ],
            ),
        );
    }

    private static function moved(RandomChoice $draw, int $step, int $grain, int $least, int $most): int
    {
        $moved = $step + $grain * $draw->either(1, intdiv(9, $grain));

        return $moved < $least || $moved > $most ? 2 * $step - $moved : $moved;
    }

    /** @param  non-empty-list<string>  $parts */
    private static function inWords(array $parts): string
    {
        $last = array_pop($parts);

        return $parts === [] ? $last : implode(', ', $parts).' and '.$last;
    }
}
