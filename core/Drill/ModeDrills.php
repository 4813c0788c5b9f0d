<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\IsoSetting;
use TruePupil\Core\Approach\Start;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Motion\SubjectBlur;
use TruePupil\Core\Optics\SensorFormat;

/**
 * A subject and what matters about it: the mode that leaves the right value to the person. Numbers are drawn afresh
 * each time.
 */
final class ModeDrills extends DrillMaker
{
    private const CHOICES = [
        'auto' => 'full automatic',
        'program' => 'program',
        'aperture' => 'aperture priority',
        'shutter' => 'shutter priority',
        'manual' => 'manual',
        'bulb' => 'bulb',
    ];

    /** The plainer ones first. */
    private const TOPICS = ['freeze', 'depth', 'crossing', 'match-set', 'stars', 'snapshot', 'silk', 'flash'];

    public function make(DrillScene $scene, int $level, int $seed, Approach $approach = new Approach()): Drill
    {
        $draw = new RandomChoice($seed);
        [$question, $right, $why] = match (self::TOPICS[$draw->whole(0, min(count(self::TOPICS) - 1, 2 + $level))]) {
            'freeze' => self::freeze($draw),
            'depth' => [
                sprintf(
                    '%s at %s m: sharp in front, the shelves behind gone soft. The light comes and goes with the '.
                        'clouds; blur of movement is no worry.',
                    $draw->one(['A portrait', 'A bowl on the bench', 'A clay bust', 'A hand at the wheel']),
                    $draw->whole(12, 30) / 10,
                ),
                'aperture',
                'Depth is what matters, so you keep the aperture and let the camera follow the clouds with the time.',
            ],
            'crossing' => [
                sprintf(
                    '%s comes out of the shade into the sun, %s stops brighter, and is to look the same from frame to '.
                        'frame where the sun is. You have metered the sunlit %s.',
                    $draw->one([
                        'A rider',
                        'A child with a kite',
                        'A dog on a lead',
                        'A dancer',
                        'The delivery tricycle',
                    ]),
                    $draw->whole(2, 4),
                    $draw->one(['lane', 'wall', 'cobbles']),
                ),
                'manual',
                'Any mode that follows the meter would change the exposure as the bright wall fills the frame. What '.
                'was metered in the sun is kept by hand.',
            ],
            'match-set' => [
                sprintf(
                    '%s frames side by side for a panorama, from the sunlit wall to %s.',
                    $draw->whole(4, 9),
                    $draw->one(['the open gate', 'the dark store', 'the arcade', 'the kiln shed']),
                ),
                'manual',
                'All of them have to have the same exposure, or the joins show. A mode that meters each frame makes '.
                'each different.',
            ],
            'stars' => [
                sprintf('Star trails over the lantern yard, %s minutes long, on a tripod.', $draw->whole(4, 20)),
                'bulb',
                'Longer than the longest time on the dial: the shutter is held open, and the meter has nothing to say.',
            ],
            'snapshot' => [
                sprintf(
                    'A quick souvenir of %s people %s: the camera may find aperture and time, but ISO is to stay '.
                        'where you set it, and the picture a little brighter than the camera would have it.',
                    $draw->whole(3, 14),
                    $draw->one(['at the long table', 'by the fountain', 'under the lanterns', 'in the arcade']),
                ),
                'program',
                'The camera finds both values, and you still choose ISO and can ask for more light by compensation; '.
                'full automatic would take both away.',
            ],
            'silk' => [
                sprintf(
                    'The fountain as silk, %s to %s s, on a tripod with a filter; the light is steady enough to meter '.
                        'frame by frame.',
                    $draw->whole(1, 2),
                    $draw->whole(3, 5),
                ),
                'shutter',
                'The look of water is a matter of time; the camera may find the aperture that goes with it, as long '.
                'as it does not blink.',
            ],
            default => [
                sprintf(
                    'Flash close up at %s cm: the flash lights the subject, the background is to stay dark, and the '.
                        'time only has to be no faster than the sync time.',
                    5 * $draw->whole(4, 9),
                ),
                'manual',
                'The flash lights by aperture and ISO, the room by the time: with all three held, the background '.
                'stays as dark as you set it.',
            ],
        };

        if (self::isByHand($approach) && in_array($right, ['aperture', 'shutter'], true)) {
            $why .= ' This course sets both by hand and lets ISO follow the light: your value is held, and the other '.
                'with it.';
            $right = 'manual-auto-iso';
        }

        return new Drill(
            kind: DrillKind::Mode,
            level: $level,
            seed: $seed,
            scene: $scene->id,
            question: $question.' Which mode leaves you what matters?',
            answer: new DrillAnswer(
                unit: AnswerUnit::Choice,
                right: $right,
                why: $why,
                choices: self::choices($approach),
            ),
        );
    }

    /** Whether a course starts in manual and leaves ISO to the camera, so that manual follows the light as well. */
    private static function isByHand(Approach $approach): bool
    {
        return $approach->start === Start::Manual && $approach->light->iso === IsoSetting::Automatic;
    }

    /** @return array<string, string> */
    private static function choices(Approach $approach): array
    {
        return self::isByHand($approach)
            ? array_diff_key(
                [...self::CHOICES, 'manual-auto-iso' => 'manual with automatic ISO'],
                // Both would leave what matters: what the course teaches is asked.
                ['aperture' => 1, 'shutter' => 1],
            )
            : self::CHOICES;
    }

    /** @return array{string, string, string} */
    private static function freeze(RandomChoice $draw): array
    {
        [$speed, $distance, $focal] = [$draw->whole(10, 60) / 10, $draw->whole(4, 12), $draw->one([50, 85, 105])];
        $limit =
            SubjectBlur::of($speed, 0.0, $focal, $distance, SensorFormat::fullFrame())->criticalLimit() ?? 1 / 1000;

        return [
            sprintf(
                'A rider at %s m/s across the frame, %s m off, %s mm: not a trace of blur. The light is changing.',
                $speed,
                $distance,
                $focal,
            ),
            'shutter',
            sprintf(
                'Movement decides: no longer than about %s. You keep the time and let the camera follow the light '.
                    'with the rest.',
                ExposureTime::noLongerThan($limit),
            ),
        ];
    }
}
