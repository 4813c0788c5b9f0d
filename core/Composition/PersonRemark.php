<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/** What is looked at first in a picture of somebody: said in a word, to be changed before it is sent. */
enum PersonRemark: string
{
    case Shoulders = 'shoulders';
    case Chin = 'chin';
    case Gaze = 'gaze';
    case Hands = 'hands';
    case CameraHeight = 'camera-height';
    case Horizon = 'horizon';
    case Pole = 'pole';
    case Cut = 'cut';

    public function label(): string
    {
        return match ($this) {
            self::Shoulders => 'face and shoulders',
            self::Chin => 'chin',
            self::Gaze => 'gaze',
            self::Hands => 'hands',
            self::CameraHeight => 'camera height',
            self::Horizon => 'horizon at the head',
            self::Pole => 'pole at the head',
            self::Cut => 'hands or feet cut',
        };
    }

    public function sentence(): string
    {
        return match ($this) {
            self::Shoulders => 'Face and shoulders point the same way. Turned apart, the pose has a line to follow.',
            self::Chin => 'The chin a little forward and down parts it from the neck.',
            self::Gaze => 'Where do the eyes go? Nothing in the frame answers them.',
            self::Hands => 'The hands look left over. Give them something to do, or leave them out whole.',
            self::CameraHeight => 'Is the camera at the height of the eyes? Above it looks down on somebody, below it '.
                'looks up.',
            self::Horizon => 'The horizon runs through the head. A step up or down takes it away.',
            self::Cut => 'Hands or feet are cut by the edge. Keep them whole, or cut between the joints.',
            self::Pole => 'Something grows out of the head. A step aside parts the two.',
        };
    }
}
