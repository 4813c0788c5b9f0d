<?php

declare(strict_types=1);

namespace App\View\Drawings;

use App\Patterns\CheckSpread;
use App\Wording\Quantity;
use TruePupil\Core\Checks\Verdict;

/** What every frame of a class measured for one check, as points on a line with the limit marked. */
final readonly class SpreadStrip
{
    public const WIDTH = 640;

    public const HEIGHT = 74;

    private const LEFT = 24;

    private const RIGHT = 616;

    private const LINE = 44;

    private function __construct(private CheckSpread $spread, private float $least, private float $most)
    {
    }

    /** Null where there is nothing to draw: words, or fewer than two numbers. */
    public static function of(CheckSpread $spread): ?self
    {
        $values = $spread->values();
        if (count($values) < 2 || ! is_float($spread->limit)) {
            return null;
        }
        $all = [...$values, ...self::marks($spread)];
        $room = max(1e-6, (max($all) - min($all)) * 0.08);

        return new self($spread, min($all) - $room, max($all) + $room);
    }

    /** @return list<array{x: float, y: float, met: bool}> stacked where they lie together */
    public function points(): array
    {
        $stacks = [];
        $points = [];
        foreach ($this->spread->results as $one) {
            if (! is_float($one['value'])) {
                continue;
            }
            $x = $this->x($one['value']);
            $column = (int) round($x / 9);
            $stacks[$column] = ($stacks[$column] ?? 0) + 1;
            $points[] = [
                'x' => $x,
                'y' => max(6.0, self::LINE - 7.0 * ($stacks[$column] - 1)),
                'met' => $one['verdict'] === Verdict::Met,
            ];
        }

        return $points;
    }

    /** @return list<array{x: float, label: string}> where the limit lies, on both sides where it has two */
    public function limits(): array
    {
        return array_map(
            fn (float $mark): array => [
                'x' => $this->x($mark),
                'label' => Quantity::quantity($mark, $this->spread->measure->unit),
            ],
            self::marks($this->spread),
        );
    }

    /** Where its points lie, in words. */
    public function summary(): string
    {
        return sprintf(
            'The frames go from %s; the limit is %s.',
            (string) $this->spread->range(),
            implode(' and ', array_column($this->limits(), 'label')),
        );
    }

    /** @return list<float> */
    private static function marks(CheckSpread $spread): array
    {
        $limit = is_float($spread->limit) ? $spread->limit : 0.0;
        $negative = array_filter($spread->values(), fn (float $value): bool => $value < 0);
        $isBothWays = $spread->measure->isAboutZero && $negative !== [] && $limit > 0;

        return $isBothWays ? [-$limit, $limit] : [$limit];
    }

    private function x(float $value): float
    {
        return round(
            self::LEFT + ((self::RIGHT - self::LEFT) * ($value - $this->least)) / ($this->most - $this->least),
            1,
        );
    }
}
