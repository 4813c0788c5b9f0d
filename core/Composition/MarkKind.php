<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/** What a person marks on a frame besides its subject. */
enum MarkKind: string
{
    case Eye = 'eye';
    /** A tap that corrects the outline of the subject. */
    case Belongs = 'belongs';
    case Apart = 'apart';
    case Horizon = 'horizon';
    case Upright = 'upright';
    /** About which the picture is meant to be symmetrical. */
    case Axis = 'axis';
    /** A line that is meant to lead to the subject. */
    case Lead = 'lead';
    /** What frames the subject within the picture: a doorway, an arch, branches. */
    case Surround = 'surround';
    /** Any part whose share of the frame is of interest: sky, foreground, empty wall. */
    case Area = 'area';
    case Distraction = 'distraction';
    /** What leads in from the front, what the picture is about, and what lies behind it. */
    case Near = 'near';
    case Middle = 'middle';
    case Far = 'far';

    public function label(): string
    {
        return match ($this) {
            self::Eye => 'the eye that must be sharp',
            self::Belongs => 'a place that belongs to the subject',
            self::Apart => 'a place that does not belong to it',
            self::Horizon => 'horizon, or any line that should be level',
            self::Upright => 'line that should be upright',
            self::Axis => 'axis of symmetry',
            self::Lead => 'line that leads to the subject',
            self::Surround => 'frame within the frame',
            self::Area => 'area to measure, such as the sky',
            self::Distraction => 'distraction',
            self::Near => 'layer: near, the foreground',
            self::Middle => 'layer: the middle',
            self::Far => 'layer: far, the background',
        };
    }

    /**
     * Fewest and most corners that a mark of this kind is drawn with; two corners of an area are those of a rectangle.
     */
    public function fewest(): int
    {
        return match ($this) {
            self::Eye, self::Belongs, self::Apart, self::Distraction => 1,
            default => 2,
        };
    }

    public function most(): int
    {
        return match (true) {
            $this->isPoint() => 1,
            $this->isLine() => 2,
            default => Mark::MOST_POINTS,
        };
    }

    public function isPoint(): bool
    {
        return in_array($this, [self::Eye, self::Belongs, self::Apart], true);
    }

    /** A layer of depth, from the front to the back. */
    public function isLayer(): bool
    {
        return in_array($this, [self::Near, self::Middle, self::Far], true);
    }

    public function isLine(): bool
    {
        return in_array($this, [self::Horizon, self::Upright, self::Axis, self::Lead], true);
    }
}
