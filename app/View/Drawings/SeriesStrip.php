<?php

declare(strict_types=1);

namespace App\View\Drawings;

use App\Models\Frame;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Series\CoveredRange;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Series\SeriesKind;

/**
 * A row of frames as one object: each frame on an axis of exposure, the steps between them, a rung that is missing, and
 * the range they hold between them.
 */
final readonly class SeriesStrip
{
    public const WIDTH = 640;

    private const LEFT = 40;

    private const RIGHT = 600;

    /** A step this many times the smallest one leaves out a rung. */
    private const LEAVES_OUT = 1.6;

    /** @param  list<Frame>  $frames  in the order in which they were taken */
    private function __construct(private array $frames, private Series $series, private ?CoveredRange $covered)
    {
    }

    /**
     * @param  list<Frame>  $frames  in the order in which they were taken
     * @return ?self null for fewer than two, or where settings are not known
     */
    public static function of(array $frames, ?SeriesKind $kind): ?self
    {
        $records = array_values(array_filter(array_map(fn (Frame $frame) => $frame->record(), $frames)));
        $series = count($records) < count($frames) ? null : Series::of($records, $kind);
        if ($series === null) {
            return null;
        }
        $tones = array_values(array_filter(array_map(fn (Frame $frame) => $frame->measures?->tone, $frames)));

        return new self(
            $frames,
            $series,
            $series->kind() === SeriesKind::Bracket && count($tones) === count($frames)
                ? CoveredRange::of($series->exposures(), $tones)
                : null,
        );
    }

    public function title(): string
    {
        $moving = array_map(
            fn (string $value): string => ['aperture' => 'the aperture', 'time' => 'the exposure time', 'iso' => 'ISO'][
                $value
            ],
            $this->series->moving(),
        );

        return ucfirst($this->series->kind()->label()).
            ': '.
            ($moving === []
                ? 'nothing moves'
                : (count($moving) === 1
                    ? $moving[0].' moves'
                    : implode(' and ', $moving).' move'));
    }

    public function covered(): ?string
    {
        return $this->covered === null
            ? null
            : sprintf(
                'Together they hold %s; %.1f %% is lost even in the darkest, %.1f %% blocked even in the brightest.',
                Stops::of($this->covered->stops)->inWords(),
                $this->covered->lostPct,
                $this->covered->blockedPct,
            );
    }

    /**
     * @return list<array{x: float, number: int, label: string}>
     *   frames by brightness, the darkest at the left; numbered as they were taken
     */
    public function points(): array
    {
        $points = [];
        foreach ($this->series->exposures() as $index => $exposure) {
            $points[] = [
                'x' => $this->x($exposure),
                'number' => $index + 1,
                'label' => sprintf(
                    '%s: %s',
                    $this->frames[$index]->original_name,
                    (string) $this->series->frames[$index]->settings(),
                ),
            ];
        }

        return $points;
    }

    /**
     * @return list<array{x1: float, x2: float, x: float, label: string, isGap: bool}>
     *   from one frame to the next brighter one
     */
    public function steps(): array
    {
        $exposures = $this->series->exposures();
        sort($exposures);
        $steps = $this->series->steps();
        $smallest = min(array_filter($steps, fn (float $step): bool => $step > Series::SAME) ?: [INF]);
        $drawn = [];
        foreach ($steps as $index => $step) {
            if ($step > Series::SAME) {
                [$from, $to] = [$this->x($exposures[$index]), $this->x($exposures[$index + 1])];
                $drawn[] = [
                    'x1' => $from,
                    'x2' => $to,
                    'x' => ($from + $to) / 2,
                    'label' => Stops::of($step)->signed(),
                    'isGap' => $this->series->kind() === SeriesKind::Bracket && $step > self::LEAVES_OUT * $smallest,
                ];
            }
        }

        return $drawn;
    }

    /** The table in one line. */
    public function summary(): string
    {
        return implode('; ', array_map(fn (array $row): string => implode(' ', $row), $this->table()));
    }

    /** @return list<array{string, string}> in words */
    public function table(): array
    {
        $rows = array_map(fn (array $point): array => ['frame '.$point['number'], $point['label']], $this->points());
        foreach ($this->steps() as $step) {
            $rows[] = ['step', $step['label'].' stops'.($step['isGap'] ? ': a frame is missing here' : '')];
        }

        return $rows;
    }

    private function x(float $exposure): float
    {
        $all = $this->series->exposures() ?: [$exposure];
        $span = max(0.5, max($all) - min($all));

        return round(self::LEFT + ((self::RIGHT - self::LEFT) * ($exposure - min($all))) / $span, 1);
    }
}
