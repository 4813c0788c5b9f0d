<?php

declare(strict_types=1);

namespace App\View\Drawings;

use TruePupil\Core\Adviser\ExposureMap;
use TruePupil\Core\Adviser\MapPoint;
use TruePupil\Core\Adviser\MapZone;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;

/**
 * The exposure map as the geometry of an SVG drawing: apertures across, times down from short to long, ISO along the
 * diagonals that the light forces. What speaks against a cell is hatched by the kind of limit: upright for the
 * aperture, level for the time, slanting for ISO.
 */
final readonly class ExposureMapDrawing
{
    private const CELL_WIDTH = 15;

    private const CELL_HEIGHT = 6.4;

    private const LEFT = 62;

    private const TOP = 22;

    private const RIGHT = 62;

    private const BOTTOM = 40;

    /** Room at either end beyond what the lens can do, in stops. */
    private const BEYOND = 2 / 3;

    /** @var non-empty-list<int> aperture steps that are drawn */
    private array $columns;

    /** @var non-empty-list<int> time steps, the shortest time first */
    private array $rows;

    private function __construct(private ExposureMap $map)
    {
        $this->columns = $this->columnsWorthDrawing() ?: [0];
        $this->rows = array_reverse($map->timeSteps) ?: [0];
    }

    public static function of(?ExposureMap $map): ?self
    {
        return $map === null ? null : new self($map);
    }

    public function width(): float
    {
        return self::LEFT + count($this->columns) * self::CELL_WIDTH + self::RIGHT;
    }

    public function height(): float
    {
        return self::TOP + count($this->rows) * self::CELL_HEIGHT + self::BOTTOM;
    }

    /** @return array{x: float, y: float, width: float, height: float} */
    public function plot(): array
    {
        return [
            'x' => self::LEFT,
            'y' => self::TOP,
            'width' => count($this->columns) * self::CELL_WIDTH,
            'height' => count($this->rows) * self::CELL_HEIGHT,
        ];
    }

    /** @return list<array{x: float, label: string}> whole stops of aperture */
    public function apertureTicks(): array
    {
        $whole = array_filter($this->columns, fn (int $step): bool => $step % $this->map->increment->perStop() === 0);

        return array_values(
            array_map(fn (int $step): array => ['x' => $this->x($step), 'label' => $this->aperture($step)], $whole),
        );
    }

    /** @return list<array{y: float, label: string}> whole stops of time, every second one named */
    public function timeTicks(): array
    {
        $whole = array_filter($this->rows, fn (int $step): bool => $step % $this->map->increment->perStop() === 0);

        return array_values(
            array_map(fn (int $step): array => ['y' => $this->y($step), 'label' => $this->time($step)], $whole),
        );
    }

    /**
     * @return list<array{x1: float, y1: float, x2: float, y2: float, label: string, labelX: float, labelY: float}>
     *   a diagonal for each stop of ISO
     */
    public function isoLines(): array
    {
        $per = $this->map->increment->perStop();
        [$first, $last] = [$this->columns[0], $this->columns[count($this->columns) - 1]];
        [$top, $bottom] = [$this->rows[0], $this->rows[count($this->rows) - 1]];
        $lines = [];
        for ($stop = -1; $stop <= 10; $stop++) {
            // Along the line aperture step + time step = per · (light + stops above ISO 100).
            $sum = $per * ($this->map->light + $stop);
            $from = max($first - 0.5, $sum - $top - 0.5);
            $to = min($last + 0.5, $sum - $bottom + 0.5);
            if ($to - $from < $per) {
                continue;
            }
            $lines[] = [
                'x1' => $this->x($from),
                'y1' => $this->y($sum - $from),
                'x2' => $this->x($to),
                'y2' => $this->y($sum - $to),
                'label' => (string) Iso::nearest(100 * 2 ** $stop),
                'labelX' => $this->x($to) + 4,
                'labelY' => $this->y($sum - $to) + 3,
            ];
        }

        return $lines;
    }

    /**
     * @return list<array{
     *     reason: string,
     *     label: string,
     *     why: string,
     *     hatch: string,
     *     path: string,
     *     x: float,
     *     y: float,
     *     turn: int,
     *     anchor: string,
     * }>
     */
    public function zones(): array
    {
        $drawn = [];
        $outline = new CellsOutline(
            $this->columns,
            $this->rows,
            self::LEFT,
            self::TOP,
            self::CELL_WIDTH,
            self::CELL_HEIGHT,
        );
        foreach ($this->map->zones as $zone) {
            $path = $outline->of($zone->cells);
            if ($path !== '') {
                $drawn[] = [
                    'reason' => $zone->reason,
                    'label' => $zone->label,
                    'why' => $zone->why,
                    'hatch' => $this->hatch($zone->reason),
                    'path' => $path,
                    ...$this->labelPlace($zone),
                ];
            }
        }

        return $drawn;
    }

    /** @return ?array{x: float, y: float, height: float, label: string} the times at which the flash fills */
    public function flash(): ?array
    {
        [$from, $to] = [$this->map->flash?->from, $this->map->flash?->to];
        if ($from === null || $to === null) {
            return null;
        }
        $per = $this->map->increment->perStop();
        $half = self::CELL_HEIGHT / 2;
        $plot = $this->plot();
        $top = max($plot['y'], $this->y($to * $per) - $half);
        $bottom = min($plot['y'] + $plot['height'], $this->y($from * $per) + $half);

        return [
            // Beside the names of the ISO lines.
            'x' => $plot['x'] + $plot['width'] + 38,
            'y' => $top,
            'height' => max(self::CELL_HEIGHT, $bottom - $top),
            'label' => 'the flash fills',
        ];
    }

    /** @return list<array{what: string, label: string, x: float, y: float, text: string}> */
    public function points(): array
    {
        return array_map(
            fn (MapPoint $point): array => [
                'what' => $point->what,
                'label' => $point->label,
                'x' => $this->x(
                    max($this->columns[0], min($this->columns[count($this->columns) - 1], $point->apertureStep)),
                ),
                'y' => $this->y($point->timeStep),
                'text' => $this->pointText($point),
            ],
            $this->map->points,
        );
    }

    /**
     * What the page needs to say of a cell: texts only; which limits bar it was worked out here.
     *
     * @return array<string, mixed>
     */
    public function cells(): array
    {
        $members = [];
        foreach ($this->map->zones as $index => $zone) {
            foreach ($zone->cells as [$aperture, $time]) {
                $members[$aperture][$time][] = $index;
            }
        }
        [$combinations, $grid] = [[], []];
        foreach ($this->rows as $time) {
            $row = [];
            foreach ($this->columns as $aperture) {
                $key = implode(',', $members[$aperture][$time] ?? []);
                $row[] = $combinations[$key] ??= count($combinations);
            }
            $grid[] = $row;
        }
        $sums = range(
            $this->columns[0] + min($this->rows),
            $this->columns[count($this->columns) - 1] + max($this->rows),
        );

        return [
            'plot' => $this->plot(),
            'apertures' => array_map($this->aperture(...), $this->columns),
            'times' => array_map($this->time(...), $this->rows),
            'isos' => array_map(fn (int $sum): string => $this->iso($sum), $sums),
            'firstTime' => $this->rows[0] - min($this->rows),
            'flash' => array_map($this->isFilled(...), $this->rows),
            'grid' => $grid,
            'combinations' => array_map(
                fn (int|string $key): array => $key === '' ? [] : array_map(intval(...), explode(',', (string) $key)),
                array_keys($combinations),
            ),
            'zones' => array_map(
                fn (MapZone $zone): array => ['label' => $zone->label, 'why' => $zone->why, 'bars' => $zone->bars],
                $this->map->zones,
            ),
        ];
    }

    private function isFilled(int $step): bool
    {
        [$from, $to] = [$this->map->flash?->from, $this->map->flash?->to];
        $tv = $step / $this->map->increment->perStop();

        return $from !== null && $to !== null && $tv >= $from - 1 / 6 && $tv <= $to + 1 / 6;
    }

    /** @return list<array{string, string}> the same in words: zone and reason, then the points */
    public function table(): array
    {
        return [
            ...array_map(
                fn (MapZone $zone): array => [$zone->label.($zone->bars ? '' : ' (a cost, not a bar)'), $zone->why],
                $this->map->zones,
            ),
            ...($this->map->flash === null ? [] : [['the flash', $this->map->flash->why]]),
            ...array_map(
                fn (MapPoint $point): array => [$this->pointName($point), $this->pointText($point)],
                $this->map->points,
            ),
        ];
    }

    public function title(): string
    {
        $setup = $this->map->setup;

        return sprintf(
            '%s at %s mm, %s%s',
            $setup->choice->lens->name,
            round($setup->choice->focalLength),
            $setup->support->label(),
            $setup->filter > 0
                ? sprintf(', behind %s of filter', Stops::of($setup->filter)->inWords())
                : '',
        );
    }

    public function summary(): string
    {
        return sprintf(
            'Exposure map: %s. %s',
            $this->title(),
            implode(
                ' ',
                array_map(
                    fn (MapPoint $point): string => $this->pointName($point).' at '.$this->pointText($point).'.',
                    $this->map->points,
                ),
            ),
        );
    }

    private function pointName(MapPoint $point): string
    {
        return match ($point->what) {
            'frame' => 'this frame',
            'plan' => 'the plan',
            'own' => 'set by hand',
            default => 'suggestion '.$point->label,
        };
    }

    private function pointText(MapPoint $point): string
    {
        $per = $this->map->increment->perStop();

        return sprintf(
            '%s, %s, %s',
            Aperture::nearest(2 ** ($point->apertureStep / $per / 2), $this->map->increment),
            ExposureTime::nearest(2 ** -($point->timeStep / $per), $this->map->increment),
            Iso::of($point->iso),
        );
    }

    private function aperture(int $step): string
    {
        return (string) Aperture::nearest(2 ** ($step / $this->map->increment->perStop() / 2), $this->map->increment);
    }

    private function time(int $step): string
    {
        return (string) ExposureTime::nearest(2 ** -($step / $this->map->increment->perStop()), $this->map->increment);
    }

    private function iso(int $sum): string
    {
        $stops = $sum / $this->map->increment->perStop() - $this->map->light;

        return $stops < -2.2
            ? 'below ISO 25'
            : ($stops > 12.2
                ? 'above ISO 409600'
                : (string) Iso::nearest(100 * 2 ** $stops));
    }

    private function x(float $step): float
    {
        return round(self::LEFT + ($step - $this->columns[0] + 0.5) * self::CELL_WIDTH, 1);
    }

    private function y(float $step): float
    {
        return round(self::TOP + ($this->rows[0] - $step + 0.5) * self::CELL_HEIGHT, 1);
    }

    /** @return list<int> */
    private function columnsWorthDrawing(): array
    {
        $per = $this->map->increment->perStop();
        $beyond = $this->zone('beyond-lens');
        $barred = $beyond === null ? [] : array_unique(array_column($beyond->cells, 0));
        $usable = array_values(array_diff($this->map->apertureSteps, $barred));
        sort($usable);
        if ($usable === []) {
            return $this->map->apertureSteps;
        }
        $room = (int) round(self::BEYOND * $per);

        return array_values(
            array_filter(
                $this->map->apertureSteps,
                fn (int $step): bool => $step >= $usable[0] - $room && $step <= $usable[count($usable) - 1] + $room,
            ),
        );
    }

    private function zone(string $reason): ?MapZone
    {
        foreach ($this->map->zones as $zone) {
            if ($zone->reason === $reason) {
                return $zone;
            }
        }

        return null;
    }

    private function hatch(string $reason): string
    {
        return match ($reason) {
            'beyond-lens', 'beyond-camera' => 'outside',
            'not-deep-enough', 'too-deep' => 'aperture',
            'shake', 'subject-blur', 'too-short' => 'time',
            'diffraction' => 'cost',
            default => 'iso',
        };
    }

    /**
     * Where its name stands: just beyond the edge that it draws.
     *
     * @return array{x: float, y: float, turn: int, anchor: string}
     */
    private function labelPlace(MapZone $zone): array
    {
        $plot = $this->plot();
        $cells = array_filter($zone->cells, fn (array $cell): bool => in_array($cell[0], $this->columns, true));
        [$columns, $rows] = [array_column($cells, 0) ?: [0], array_column($cells, 1) ?: [0]];
        $middle = $plot['y'] + $plot['height'] / 2;
        $place = fn (float $x, float $y, int $turn = 0, string $anchor = 'middle'): array => [
            'x' => round($x, 1),
            'y' => round($y, 1),
            'turn' => $turn,
            'anchor' => $anchor,
        ];

        return match ($zone->reason) {
            'not-deep-enough' => $place(max($plot['x'] + 9, $this->x(max($columns)) - 2), $middle, -90),
            'too-deep' => $place(min($plot['x'] + $plot['width'] - 6, $this->x(min($columns)) + 6), $middle, -90),
            'diffraction' => $place(
                min($plot['x'] + $plot['width'] - 22, $this->x(min($columns)) + 6),
                $plot['y'] + $plot['height'] * 0.72,
                -90,
            ),
            'beyond-lens' => $place($plot['x'] + $plot['width'] - 5, $plot['y'] + $plot['height'] * 0.3, -90),
            'beyond-camera' => $place($plot['x'] + $plot['width'] / 2, $plot['y'] + 14),
            'shake' => $place(
                $plot['x'] + $plot['width'] - 34,
                min($plot['y'] + $plot['height'] - 6, $this->y(max($rows)) + 10),
                0,
                'end',
            ),
            'subject-blur' => $place(
                $plot['x'] + $plot['width'] - 96,
                min($plot['y'] + $plot['height'] - 6, $this->y(max($rows)) + 10),
                0,
                'end',
            ),
            'too-short' => $place($plot['x'] + $plot['width'] * 0.4, max($plot['y'] + 12, $this->y(min($rows)) - 4)),
            'too-noisy' => $place($plot['x'] + $plot['width'] - 14, $plot['y'] + 30, 0, 'end'),
            default => $place($plot['x'] + 8, $plot['y'] + $plot['height'] - 8, 0, 'start'),
        };
    }
}
