<?php

declare(strict_types=1);

namespace TruePupil\Core\WhatIf;

/** What a step of a recipe does, with its numbers and how far each may go. */
enum StepKind: string
{
    case Exposure = 'exposure';
    case Shadows = 'shadows';
    case Highlights = 'highlights';
    case Grey = 'grey';
    case Calm = 'calm';
    case Shift = 'shift';
    case Keep = 'keep';
    case Saturation = 'saturation';
    case Fade = 'fade';
    case Darken = 'darken';
    case Graduated = 'graduated';
    case Corners = 'corners';
    case Remove = 'remove';
    case Curve = 'curve';
    case Perspective = 'perspective';
    case Straighten = 'straighten';
    case Crop = 'crop';
    case Grain = 'grain';

    /** @return array<string, array{float, float}> the least and the most of each number that the step takes */
    public function numbers(): array
    {
        return match ($this) {
            self::Exposure => ['stops' => [-5.0, 5.0]],
            self::Shadows => ['stops' => [0.0, 4.0]],
            self::Highlights => ['stops' => [-4.0, 0.0]],
            self::Grey => ['red' => [-2.0, 3.0], 'green' => [-2.0, 3.0], 'blue' => [-2.0, 3.0]],
            self::Calm => ['hue' => [0.0, 360.0], 'width' => [5.0, 180.0], 'amount' => [0.0, 1.0]],
            self::Shift => ['hue' => [0.0, 360.0], 'width' => [5.0, 180.0], 'degrees' => [-180.0, 180.0]],
            self::Keep => ['hue' => [0.0, 360.0], 'width' => [5.0, 180.0]],
            self::Saturation => ['amount' => [-1.0, 1.0]],
            self::Fade => [
                'x' => [0.0, 1.0],
                'y' => [0.0, 1.0],
                'width' => [0.01, 1.0],
                'height' => [0.01, 1.0],
                'amount' => [0.0, 1.0],
                'feather' => [0.0, 0.5],
            ],
            self::Remove => [
                'x' => [0.0, 1.0],
                'y' => [0.0, 1.0],
                'width' => [0.002, 0.3],
                'height' => [0.002, 0.3],
            ],
            self::Corners => ['stops' => [-3.0, 3.0]],
            self::Curve => ['amount' => [-0.3, 0.3]],
            self::Perspective => ['top' => [-0.6, 0.6], 'left' => [-0.6, 0.6]],
            self::Grain => ['stops' => [0.0, 0.5]],
            self::Darken => [
                'x' => [0.0, 1.0],
                'y' => [0.0, 1.0],
                'width' => [0.01, 1.0],
                'height' => [0.01, 1.0],
                'stops' => [-4.0, 2.0],
                'feather' => [0.0, 0.5],
            ],
            self::Graduated => ['from' => [0.0, 1.0], 'to' => [0.0, 1.0], 'stops' => [-4.0, 2.0]],
            self::Straighten => ['degrees' => [-30.0, 30.0]],
            self::Crop => ['x' => [0.0, 0.99], 'y' => [0.0, 0.99], 'width' => [0.01, 1.0], 'height' => [0.01, 1.0]],
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Exposure => 'brighter or darker',
            self::Shadows => 'shadows lifted',
            self::Highlights => 'highlights held',
            self::Grey => 'black and white',
            self::Calm => 'one colour calmed',
            self::Shift => 'one colour shifted',
            self::Keep => 'one colour kept',
            self::Saturation => 'more or less colour',
            self::Fade => 'the colour of a region softened',
            self::Remove => 'a spot taken out',
            self::Corners => 'corners brighter or darker',
            self::Curve => 'curved lines straightened',
            self::Perspective => 'what converges made parallel',
            self::Grain => 'grain against banding',
            self::Darken => 'a region brighter or darker',
            self::Graduated => 'a smooth graduated edge',
            self::Straighten => 'straightened',
            self::Crop => 'cropped',
        };
    }

    /** Whether its stops are stops of light. */
    public function isOfLight(): bool
    {
        return in_array(
            $this,
            [self::Exposure, self::Highlights, self::Darken, self::Graduated, self::Corners],
            true,
        );
    }

    /**
     * Light and colour come before the frame is turned and cut, and grain last of all, whatever the order in which they
     * were asked for.
     */
    public function order(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
