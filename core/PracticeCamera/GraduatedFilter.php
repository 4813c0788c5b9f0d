<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

use InvalidArgumentException;

/** A filter that is dark above and clear below, with a soft edge between. */
final readonly class GraduatedFilter
{
    /** Height of the edge as a share of the frame's. */
    private const EDGE = 0.25;

    /**
     * @param  float  $stops  light that its dark half takes
     * @param  float  $height  where the middle of its edge lies: 0 the frame's top, 1 its bottom
     */
    public function __construct(public float $stops, public float $height)
    {
        if ($stops < 0 || $stops > 6 || $height < 0 || $height > 1) {
            throw new InvalidArgumentException(
                sprintf(
                    'A graduated filter takes 0 to 6 stops and its edge lies within the frame; got %s stops at %s.',
                    $stops,
                    $height,
                ),
            );
        }
    }

    /**
     * The share of light that it lets through at each row of a picture, from the top.
     *
     * @return list<float>
     */
    public function rows(int $count): array
    {
        return array_map(function (int $row) use ($count): float {
            $at = (($row + 0.5) / $count - $this->height) / self::EDGE + 0.5;
            $clear = max(0.0, min(1.0, $at));

            return 2 ** (-$this->stops * (1 - $clear * $clear * (3 - 2 * $clear)));
        }, range(0, $count - 1));
    }
}
