<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Motion\Stir;
use TruePupil\Core\Optics\SensorFormat;

/** A subject and a focal length, by hand: which is the longest time that is safe, and which of the two sets it? */
final class SafeTimeDrills extends DrillMaker
{
    /** mm, as on 36×24. */
    private const FOCAL_LENGTHS = [20, 24, 28, 35, 40, 50, 60, 70, 85, 100, 135, 150, 200, 250, 300, 400, 500, 600];

    /** Stops by which the other answers lie beside the right one; longer is positive. */
    private const BESIDE = [2, 4, -2];

    public function make(DrillScene $scene, int $level, int $seed, Approach $approach = new Approach()): Drill
    {
        $draw = new RandomChoice($seed);
        $stir = $draw->one(array_values(array_filter(
            Stir::cases(),
            fn (Stir $stir): bool => $level > 1 || $stir !== Stir::Still,
        )));
        $focalLength = $draw->one(self::FOCAL_LENGTHS);
        $stabiliser = $level >= 2 ? $draw->whole(0, 4) : 0;
        $hands = HandHeldLimit::held(
            $focalLength,
            SensorFormat::fullFrame(),
            $stabiliser,
            $approach->handHeld->stops(),
        )->seconds;
        $subject = $stir->longest($approach->movement) ?? INF;
        $right = ExposureTime::noLongerThan(min($hands, $subject));
        $choices = [];
        foreach ([0, ...self::BESIDE] as $stops) {
            $time = ExposureTime::nearest($right->exact * 2 ** $stops);
            $choices[(string) $time] = (string) $time;
        }
        uksort(
            $choices,
            fn (string $a, string $b): int => ExposureTime::parse($b)->exact <=> ExposureTime::parse($a)->exact,
        );

        return new Drill(
            kind: DrillKind::SafeTime,
            level: $level,
            seed: $seed,
            scene: $scene->id,
            question: sprintf(
                'By hand at %d mm, as on 36 × 24, %s: %s. Which is the longest time that is safe?',
                $focalLength,
                match ($stabiliser) {
                    0 => 'without a stabiliser',
                    1 => 'with a stabiliser of 1 stop',
                    default => sprintf('with a stabiliser of %d stops', $stabiliser),
                },
                $stir->label(),
            ),
            answer: new DrillAnswer(
                unit: AnswerUnit::Choice,
                right: (string) $right,
                why: $subject < $hands
                    ? sprintf(
                        'The subject sets it: it is held by %s or shorter. Hands would hold %d mm for %s.',
                        ExposureTime::nearest($subject),
                        $focalLength,
                        ExposureTime::nearest($hands),
                    )
                    : sprintf(
                        'Hands set it: they hold %d mm for %s%s.',
                        $focalLength,
                        ExposureTime::nearest($hands),
                        is_infinite($subject) ? '; nothing moves' : ', and the subject stays still for longer',
                    ),
                choices: $choices,
            ),
        );
    }
}
