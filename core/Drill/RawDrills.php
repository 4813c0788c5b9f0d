<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\PracticeCamera\RawSensor;
use TruePupil\Core\PracticeCamera\ToneCurve;
use TruePupil\Core\Tone\Srgb;

/**
 * A bright place comes out so far above mid-grey. Is it there in the camera's picture, is it there in the raw file? And
 * later: how much more light until the sensor is full?
 */
final class RawDrills extends DrillMaker
{
    /** Thirds of a stop above mid-grey, by what is true there; the farther from a limit, the easier. */
    private const PLACES = [
        'both' => [1 => [2, 4], 2 => [4, 7]],
        'raw' => [1 => [9, 9], 2 => [9, 10]],
        'none' => [1 => [13, 16], 2 => [11, 13]],
    ];

    /** From this level on a number is asked for. */
    private const NUMBERS = 3;

    public function make(DrillScene $scene, int $level, int $seed, Approach $approach = new Approach()): Drill
    {
        $draw = new RandomChoice($seed);
        $place = $scene->places === [] ? 'the brightest place' : $draw->one(array_keys($scene->places));
        $metered = self::settings($draw, $scene->places[$place] ?? $scene->ev100, $level === 1 ? 3 : 1);
        $true = $draw->one(array_keys(self::PLACES));
        $thirds = $level >= self::NUMBERS
            ? $draw->whole($level === self::NUMBERS ? 3 : 0, $level === self::NUMBERS ? 9 : 14)
            : $draw->whole(...self::PLACES[$true][$level]);
        $settings = $metered->withTime(
            ExposureTime::atStep((int) round(3 * log($metered->time->exact, 2)) + $thirds),
        );
        [$tone, $white, $full] = [Stops::of($thirds / 3), self::white(), self::full()];
        $known = sprintf(
            '%s: in daylight %s, grey itself, comes out at %s from mid-grey with %s. On this camera the picture is '.
                'white from %s on, and the raw file is full from %s on.',
            $scene->title,
            $place,
            $tone->signed(),
            $settings,
            $white->signed(),
            $full->signed(),
        );

        return new Drill(
            kind: DrillKind::Raw,
            level: $level,
            seed: $seed,
            scene: $scene->id,
            question: $known.' '.($level >= self::NUMBERS
                ? 'By how many stops can the exposure go up until this place fills the sensor? Less than none is down.'
                : 'What is left of it?'),
            answer: $level >= self::NUMBERS
                ? new DrillAnswer(
                    unit: AnswerUnit::Stops,
                    right: $full->value - $tone->value,
                    why: sprintf('From %s to %s: what lies between them.', $tone->signed(), $full->signed()),
                )
                : new DrillAnswer(
                    unit: AnswerUnit::Choice,
                    right: $true,
                    why: match ($true) {
                        'both' => sprintf('%s lies below both ends.', $tone->signed()),
                        'raw' => sprintf(
                            '%s lies above the white of the picture and below the end of the sensor: developed '.
                                'darker, it is there.',
                            $tone->signed(),
                        ),
                        default => sprintf(
                            '%s lies beyond the sensor\'s own end: no development brings it back.',
                            $tone->signed(),
                        ),
                    },
                    choices: [
                        'both' => 'whole in the picture and in the raw file',
                        'raw' => 'lost in the picture, held by the raw file',
                        'none' => 'lost in both, for good',
                    ],
                ),
        );
    }

    /** Where the camera's picture has no shades left. */
    private static function white(): Stops
    {
        return Stops::ofRatio(ToneCurve::CLIP / Srgb::MID_GREY);
    }

    /** Where the sensor is full of a grey in daylight: green is first. */
    private static function full(): Stops
    {
        return Stops::ofRatio(RawSensor::FULL / Srgb::MID_GREY);
    }
}
