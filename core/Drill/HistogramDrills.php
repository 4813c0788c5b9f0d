<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Exposure\ExposureTime;

/** Four frames of a scene at four exposures, and the tone strip of one of them; ever closer together. */
final class HistogramDrills extends DrillMaker
{
    private const THIRDS = [1 => 6, 2 => 4, 3 => 3, 4 => 2, 5 => 1];

    public function make(DrillScene $scene, int $level, int $seed, Approach $approach = new Approach()): Drill
    {
        $draw = new RandomChoice($seed);
        $right = self::settings($draw, $scene->ev100, 1);
        $step = (int) round(3 * log($right->time->exact, 2));
        $start = $draw->whole(-2, -1);
        $names = ['a', 'b', 'c', 'd'];
        // In an order by lot, so that "the brightest" is not always last.
        $places = [[0, 1, 2, 3], [2, 0, 3, 1], [3, 1, 0, 2], [1, 3, 2, 0], [2, 3, 0, 1], [0, 3, 1, 2]][
            $draw->whole(0, 5)
        ];
        $frames = [];
        foreach ($names as $index => $name) {
            $off = ($start + $places[$index]) * self::THIRDS[$level];
            $frames[] = new DrillFrame($name, $scene->id, $right->withTime(ExposureTime::atStep($step + $off)));
        }
        $chosen = $draw->whole(0, 3);

        return new Drill(
            kind: DrillKind::Histogram,
            level: $level,
            seed: $seed,
            scene: $scene->id,
            question: sprintf('%s at four exposures. To which frame does this tone strip belong?', $scene->title),
            answer: new DrillAnswer(
                unit: AnswerUnit::Choice,
                right: $names[$chosen],
                why: sprintf(
                    'The strip is that of %s. More light moves the whole outline to the right, stop by stop, until it '.
                        'piles up at the end as what is lost.',
                    $frames[$chosen]->settings,
                ),
                choices: ['a' => 'frame A', 'b' => 'frame B', 'c' => 'frame C', 'd' => 'frame D'],
            ),
            frames: $frames,
            strip: $frames[$chosen],
        );
    }
}
