<?php

declare(strict_types=1);

namespace TruePupil\Core\Seen;

/** A joint of a body at which a cut by the frame's edge is felt. */
enum Joint: string
{
    case LeftElbow = 'leftElbow';
    case RightElbow = 'rightElbow';
    case LeftWrist = 'leftWrist';
    case RightWrist = 'rightWrist';
    case LeftKnee = 'leftKnee';
    case RightKnee = 'rightKnee';
    case LeftAnkle = 'leftAnkle';
    case RightAnkle = 'rightAnkle';

    public function label(): string
    {
        return match ($this) {
            self::LeftElbow, self::RightElbow => 'an elbow',
            self::LeftWrist, self::RightWrist => 'a wrist',
            self::LeftKnee, self::RightKnee => 'a knee',
            self::LeftAnkle, self::RightAnkle => 'an ankle',
        };
    }
}
