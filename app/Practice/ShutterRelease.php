<?php

declare(strict_types=1);

namespace App\Practice;

/** What one press of the shutter takes. */
enum ShutterRelease: string
{
    case Single = 'single';
    case Burst = 'burst';
    case Bracket3 = 'bracket-3';
    case Bracket5 = 'bracket-5';

    /** Frames a second in a burst. */
    private const RATE = 6.0;

    private const BURST = 5;

    public function label(): string
    {
        return match ($this) {
            self::Single => 'one frame',
            self::Burst => 'burst of five, six a second',
            self::Bracket3 => 'bracket of three',
            self::Bracket5 => 'bracket of five',
        };
    }

    /**
     * For each frame, how much later it is in seconds and how much more light it gets in stops: the metered one first,
     * as most cameras do, then less and more.
     *
     * @return list<array{later: float, stops: float}>
     */
    public function frames(float $step): array
    {
        return match ($this) {
            self::Single => [['later' => 0.0, 'stops' => 0.0]],
            self::Burst => array_map(
                fn (int $frame): array => ['later' => $frame / self::RATE, 'stops' => 0.0],
                range(0, self::BURST - 1),
            ),
            self::Bracket3 => self::bracket([0, -1, 1], $step),
            self::Bracket5 => self::bracket([0, -2, -1, 1, 2], $step),
        };
    }

    /**
     * @param  list<int>  $steps
     * @return list<array{later: float, stops: float}>
     */
    private static function bracket(array $steps, float $step): array
    {
        return array_map(
            fn (int $times, int $frame): array => ['later' => $frame / self::RATE, 'stops' => $times * $step],
            $steps,
            array_keys($steps),
        );
    }
}
