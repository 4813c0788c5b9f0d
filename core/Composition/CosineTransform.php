<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use InvalidArgumentException;

/**
 * The two-dimensional cosine transform (type II, orthonormal: Ahmed, Natarajan and Rao, "Discrete Cosine Transform",
 * 1974) of a small map, and its inverse. Along a line, waves of even number are the same from both ends and the others
 * opposite, so that half of each is enough.
 */
final readonly class CosineTransform
{
    /** @throws InvalidArgumentException when a side cannot be halved */
    public function __construct(private int $columns, private int $rows)
    {
        if ($columns < 2 || $rows < 2 || $columns % 2 !== 0 || $rows % 2 !== 0) {
            throw new InvalidArgumentException('Both sides of the map must be even.');
        }
    }

    /**
     * @param  list<float>  $values  row by row
     * @return list<float> how much there is of each wave, the slowest first across and downwards
     *
     * @throws InvalidArgumentException when they do not fill the map
     */
    public function of(array $values): array
    {
        return $this->bothWays($values, self::inWaves(...));
    }

    /**
     * @param  list<float>  $waves  as of() gave them
     * @return list<float> row by row
     *
     * @throws InvalidArgumentException when they do not fill the map
     */
    public function back(array $waves): array
    {
        return $this->bothWays($waves, self::fromWaves(...));
    }

    /**
     * @param  list<float>  $values
     * @param  callable(list<float>): list<float>  $along  what is done along each line
     * @return list<float>
     */
    private function bothWays(array $values, callable $along): array
    {
        if (count($values) !== $this->columns * $this->rows) {
            throw new InvalidArgumentException('The values do not fill the map.');
        }
        $rows = array_map($along, array_chunk($values, max(1, $this->columns)));
        $columns = [];
        for ($x = 0; $x < $this->columns; $x++) {
            $columns[] = $along(array_column($rows, $x));
        }
        $result = [];
        for ($y = 0; $y < $this->rows; $y++) {
            array_push($result, ...array_column($columns, $y));
        }

        return $result;
    }

    /**
     * @param  list<float>  $line
     * @return list<float>
     */
    private static function inWaves(array $line): array
    {
        [$same, $opposite] = [[], []];
        for ($i = 0, $j = count($line) - 1; $i < $j; $i++, $j--) {
            $same[] = $line[$i] + $line[$j];
            $opposite[] = $line[$i] - $line[$j];
        }
        [$even, $odd] = self::waves(count($line), false);
        $waves = [];
        foreach ($even as $pair => $wave) {
            [$first, $second] = [0.0, 0.0];
            foreach ($wave as $i => $height) {
                $first += $height * $same[$i];
                $second += $odd[$pair][$i] * $opposite[$i];
            }
            $waves[] = $first;
            $waves[] = $second;
        }

        return $waves;
    }

    /**
     * @param  list<float>  $waves
     * @return list<float>
     */
    private static function fromWaves(array $waves): array
    {
        [$same, $opposite] = [[], []];
        foreach ($waves as $number => $share) {
            if ($number % 2 === 0) {
                $same[] = $share;
            } else {
                $opposite[] = $share;
            }
        }
        [$even, $odd] = self::waves(count($waves), true);
        [$line, $end] = [[], []];
        foreach ($even as $place => $heights) {
            [$first, $second] = [0.0, 0.0];
            foreach ($heights as $i => $height) {
                $first += $height * $same[$i];
                $second += $odd[$place][$i] * $opposite[$i];
            }
            $line[] = $first + $second;
            $end[] = $first - $second;
        }

        return [...$line, ...array_reverse($end)];
    }

    /**
     * The first half of each wave along a line of so many places: those of even number, and those of odd.
     *
     * @param  bool  $byPlace  what all of them have at a place, rather than what one has at all places
     * @return array{list<list<float>>, list<list<float>>}
     */
    private static function waves(int $count, bool $byPlace): array
    {
        /** @var array<string, array{list<list<float>>, list<list<float>>}> $known */
        static $known = [];
        $half = range(0, intdiv($count, 2) - 1);

        return $known[$count.($byPlace ? ' by place' : '')] ??= array_map(
            fn (int $first): array => array_map(
                fn (int $a): array => array_map(
                    fn (int $b): float => $byPlace
                        ? self::wave(2 * $b + $first, $a, $count)
                        : self::wave(2 * $a + $first, $b, $count),
                    $half,
                ),
                $half,
            ),
            [0, 1],
        );
    }

    private static function wave(int $number, int $place, int $count): float
    {
        return sqrt(($number === 0 ? 1 : 2) / $count) * cos((M_PI * ($place + 0.5) * $number) / $count);
    }
}
