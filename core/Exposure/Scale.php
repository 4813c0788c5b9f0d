<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/**
 * The engraved (nominal) values of cameras and the exact values they stand for.
 *
 * A step is a whole number of increments from the scale's origin (f/1, 1 s, ISO 100); a step up is more f-number,
 * more time or more ISO. Exact values are powers of two: N = 2^(k/2n), t = 2^(k/n), S = 100·2^(k/n) for n steps
 * per stop. Nominal values follow the rounding that ISO 2720 and camera practice have settled on.
 */
final readonly class Scale
{
    /** A recorded number counts as a nominal or exact scale value when it is this close to it (a relative error). */
    private const SAME = 0.005;

    /** Half the third-stop step: how far a recorded value may be from the scale and still be snapped to it. */
    public const SNAP_STOPS = 1 / 6;

    /**
     * @param  array<int, float>  $nominal  step => engraved value
     */
    private function __construct(
        private array $nominal,
        private StopIncrement $increment,
        private float $origin,
        private float $stopsPerDoubling,
    ) {
    }

    public static function aperture(StopIncrement $increment = StopIncrement::Third): self
    {
        $nominal = match ($increment) {
            StopIncrement::Third => self::numbered(-1, [
                0.9,
                1,
                1.1,
                1.2,
                1.4,
                1.6,
                1.8,
                2,
                2.2,
                2.5,
                2.8,
                3.2,
                3.5,
                4,
                4.5,
                5,
                5.6,
                6.3,
                7.1,
                8,
                9,
                10,
                11,
                13,
                14,
                16,
                18,
                20,
                22,
                25,
                29,
                32,
                36,
                40,
                45,
                51,
                57,
                64,
            ]),
            StopIncrement::Half => self::numbered(0, [
                1,
                1.2,
                1.4,
                1.7,
                2,
                2.4,
                2.8,
                3.3,
                4,
                4.8,
                5.6,
                6.7,
                8,
                9.5,
                11,
                13,
                16,
                19,
                22,
                27,
                32,
                38,
                45,
                54,
                64,
            ]),
        };

        return new self($nominal, $increment, 1.0, 2.0);
    }

    public static function exposureTime(StopIncrement $increment = StopIncrement::Third): self
    {
        $nominal = match ($increment) {
            StopIncrement::Third => self::numbered(-45, [
                1 / 32000,
                1 / 25000,
                1 / 20000,
                1 / 16000,
                1 / 12500,
                1 / 10000,
                1 / 8000,
                1 / 6400,
                1 / 5000,
                1 / 4000,
                1 / 3200,
                1 / 2500,
                1 / 2000,
                1 / 1600,
                1 / 1250,
                1 / 1000,
                1 / 800,
                1 / 640,
                1 / 500,
                1 / 400,
                1 / 320,
                1 / 250,
                1 / 200,
                1 / 160,
                1 / 125,
                1 / 100,
                1 / 80,
                1 / 60,
                1 / 50,
                1 / 40,
                1 / 30,
                1 / 25,
                1 / 20,
                1 / 15,
                1 / 13,
                1 / 10,
                1 / 8,
                1 / 6,
                1 / 5,
                1 / 4,
                0.3,
                0.4,
                0.5,
                0.6,
                0.8,
                1,
                1.3,
                1.6,
                2,
                2.5,
                3.2,
                4,
                5,
                6,
                8,
                10,
                13,
                15,
                20,
                25,
                30,
                40,
                50,
                60,
                80,
                100,
                120,
                160,
                200,
                240,
                320,
                400,
                480,
                640,
                800,
                960,
                1280,
                1600,
                1920,
                2560,
                3200,
                3840,
            ]),
            StopIncrement::Half => self::numbered(-26, [
                1 / 8000,
                1 / 6000,
                1 / 4000,
                1 / 3000,
                1 / 2000,
                1 / 1500,
                1 / 1000,
                1 / 750,
                1 / 500,
                1 / 350,
                1 / 250,
                1 / 180,
                1 / 125,
                1 / 90,
                1 / 60,
                1 / 45,
                1 / 30,
                1 / 20,
                1 / 15,
                1 / 10,
                1 / 8,
                1 / 6,
                1 / 4,
                1 / 3,
                0.5,
                0.7,
                1,
                1.5,
                2,
                3,
                4,
                6,
                8,
                10,
                15,
                20,
                30,
                45,
                60,
                90,
                120,
                180,
                240,
                360,
                480,
                720,
                960,
                1440,
                1920,
                2880,
                3840,
            ]),
        };

        return new self($nominal, $increment, 1.0, 1.0);
    }

    public static function iso(StopIncrement $increment = StopIncrement::Third): self
    {
        $nominal = match ($increment) {
            StopIncrement::Third => self::numbered(-6, [
                25,
                32,
                40,
                50,
                64,
                80,
                100,
                125,
                160,
                200,
                250,
                320,
                400,
                500,
                640,
                800,
                1000,
                1250,
                1600,
                2000,
                2500,
                3200,
                4000,
                5000,
                6400,
                8000,
                10000,
                12800,
                16000,
                20000,
                25600,
                32000,
                40000,
                51200,
                64000,
                80000,
                102400,
                128000,
                160000,
                204800,
                256000,
                320000,
                409600,
            ]),
            StopIncrement::Half => self::numbered(-2, [
                50,
                70,
                100,
                140,
                200,
                280,
                400,
                560,
                800,
                1100,
                1600,
                2200,
                3200,
                4500,
                6400,
                9000,
                12800,
                18000,
                25600,
                36000,
                51200,
                72000,
                102400,
            ]),
        };

        return new self($nominal, $increment, 100.0, 1.0);
    }

    /** The value that a step stands for, exactly. */
    public function exact(int $step): float
    {
        return $this->origin * 2.0 ** ($step / $this->increment->perStop() / $this->stopsPerDoubling);
    }

    /** The engraved value of a step, or null where the scale ends. */
    public function nominal(int $step): ?float
    {
        return $this->nominal[$step] ?? null;
    }

    /** The step nearest to a value when it lies within 1/6 stop of it and on the scale; otherwise null. */
    public function snap(float $value): ?int
    {
        $steps = $this->stepsFromOrigin($value);
        $step = (int) round($steps);
        $stopsAway = abs($steps - $step) / $this->increment->perStop();

        return isset($this->nominal[$step]) && $stopsAway <= self::SNAP_STOPS + 1e-9 ? $step : null;
    }

    /** The step whose engraved or exact value this number is; null for values between, as telephones record them. */
    public function stepOf(float $value): ?int
    {
        // By nearness, not by snapping: on the half-stop scale the engraved 10 s is 0.18 stop from the 11.3 s it means.
        $step = $this->nearest($value);
        $same = fn (float $other): bool => abs($value - $other) <= self::SAME * $other;

        return $same($this->nominal[$step]) || $same($this->exact($step)) ? $step : null;
    }

    /** The nearest step on the scale, however far away: for choosing a value, never for reading one. */
    public function nearest(float $value): int
    {
        return max($this->first(), min($this->last(), (int) round($this->stepsFromOrigin($value))));
    }

    private function first(): int
    {
        return array_key_first($this->nominal) ?? 0;
    }

    private function last(): int
    {
        return array_key_last($this->nominal) ?? 0;
    }

    private function stepsFromOrigin(float $value): float
    {
        return log($value / $this->origin, 2) * $this->stopsPerDoubling * $this->increment->perStop();
    }

    /**
     * @param  list<float|int>  $values
     * @return array<int, float>
     */
    private static function numbered(int $first, array $values): array
    {
        $numbered = [];
        foreach ($values as $offset => $value) {
            $numbered[$first + $offset] = (float) $value;
        }

        return $numbered;
    }
}
