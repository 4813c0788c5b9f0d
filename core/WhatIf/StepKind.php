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
    case Darken = 'darken';
    case Graduated = 'graduated';
    case Straighten = 'straighten';
    case Crop = 'crop';

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
            self::Darken => 'a region darkened',
            self::Graduated => 'a smooth graduated edge',
            self::Straighten => 'straightened',
            self::Crop => 'cropped',
        };
    }

    /** Light and colour come before the frame is turned and cut, whatever the order in which they were asked for. */
    public function order(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
