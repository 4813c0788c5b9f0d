<?php

declare(strict_types=1);

namespace TruePupil\Core\Focus;

use InvalidArgumentException;

/**
 * How much tones change from pixel to pixel, by cell: means of the squared change across, of the squared change
 * downwards, and of their product, in squared codes per pixel. Together they give the change in any direction (the
 * structure tensor of Förstner and Gülch, 1987).
 */
final readonly class EdgeEnergy
{
    /**
     * @param  list<float>  $across
     * @param  list<float>  $down
     * @param  list<float>  $mixed
     *
     * @throws InvalidArgumentException when the lists do not belong together
     */
    public function __construct(public array $across, public array $down, public array $mixed)
    {
        if ($across === [] || count($across) !== count($down) || count($across) !== count($mixed)) {
            throw new InvalidArgumentException('Edge energies need three lists of one length.');
        }
    }

    /** The three maps one after the other as 32-bit numbers, lowest byte first. */
    public static function ofBytes(string $bytes): self
    {
        $length = intdiv(strlen($bytes), 3);
        $maps = [];
        foreach ([0, 1, 2] as $number) {
            /** @var list<float> $map */
            $map = array_values(unpack('g'.intdiv($length, 4), $bytes, $number * $length) ?: []);
            $maps[] = $map;
        }

        return new self(...$maps);
    }

    /**
     * Of some cells alone.
     *
     * @param  list<int>  $cells  at least one
     */
    public function of(array $cells): self
    {
        [$across, $down, $mixed] = [[], [], []];
        foreach ($cells as $cell) {
            $across[] = $this->across[$cell];
            $down[] = $this->down[$cell];
            $mixed[] = $this->mixed[$cell];
        }

        return new self($across, $down, $mixed);
    }

    /** @return list<float> in both directions together */
    public function total(): array
    {
        $total = [];
        foreach ($this->across as $cell => $across) {
            $total[] = $across + $this->down[$cell];
        }

        return $total;
    }

    /**
     * @param  float  $degrees  from the right-hand side towards the bottom
     * @return list<float> of the changes that one meets going that way
     */
    public function along(float $degrees): array
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        [$across, $down, $mixed] = [$cos * $cos, $sin * $sin, 2 * $cos * $sin];
        $along = [];
        foreach ($this->across as $cell => $energy) {
            $along[] = $across * $energy + $down * $this->down[$cell] + $mixed * $this->mixed[$cell];
        }

        return $along;
    }

    /**
     * What is left when noise is taken off: independent of the picture, it adds to each mean.
     *
     * @param  array{float, float, float}  $noise  across, downwards, mixed
     */
    public function without(array $noise): self
    {
        return new self(
            self::less($this->across, $noise[0]),
            self::less($this->down, $noise[1]),
            self::less($this->mixed, $noise[2]),
        );
    }

    /**
     * @param  list<int>  $cells  at least one
     * @return array{float, float, float} means over some cells
     */
    public function mean(array $cells): array
    {
        $sums = [0.0, 0.0, 0.0];
        foreach ($cells as $cell) {
            $sums[0] += $this->across[$cell];
            $sums[1] += $this->down[$cell];
            $sums[2] += $this->mixed[$cell];
        }

        return [$sums[0] / count($cells), $sums[1] / count($cells), $sums[2] / count($cells)];
    }

    /**
     * @param  list<float>  $list
     * @return list<float>
     */
    private static function less(array $list, float $noise): array
    {
        $left = [];
        foreach ($list as $mean) {
            $left[] = $mean - $noise;
        }

        return $left;
    }
}
