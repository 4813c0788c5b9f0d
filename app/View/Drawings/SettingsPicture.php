<?php

declare(strict_types=1);

namespace App\View\Drawings;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;

/**
 * Settings that many used, as a drawing: apertures across, times down, a ring for each ISO stop above 100, larger where
 * more frames lie together.
 */
final readonly class SettingsPicture
{
    public const WIDTH = 640;

    public const HEIGHT = 320;

    private const LEFT = 64;

    private const RIGHT = 620;

    private const TOP = 16;

    private const BOTTOM = 284;

    /** @param  non-empty-list<ExposureSettings>  $settings */
    private function __construct(private array $settings)
    {
    }

    /** @param  list<ExposureSettings>  $settings */
    public static function of(array $settings): ?self
    {
        return $settings === [] ? null : new self($settings);
    }

    /** @return list<array{x: float, y: float, radius: float, count: int, rings: int, label: string}> */
    public function points(): array
    {
        $points = [];
        foreach ($this->settings as $one) {
            $key = (string) $one;
            $points[$key] ??= [
                'x' => $this->x($one->aperture->apex()),
                'y' => $this->y($one->time->apex()),
                'radius' => 0.0,
                'count' => 0,
                'rings' => (int) max(0, min(7, round($one->iso->stopsAbove100()))),
                'label' => $key,
            ];
            $points[$key]['count']++;
            $points[$key]['radius'] = round(4 + 2.2 * sqrt($points[$key]['count']), 1);
        }

        return array_values($points);
    }

    /** @return list<array{x: float, label: string}> */
    public function apertures(): array
    {
        [$from, $to] = $this->span(fn (ExposureSettings $one): float => $one->aperture->apex());

        return array_map(
            fn (int $stop): array => ['x' => $this->x($stop), 'label' => (string) Aperture::of(2 ** ($stop / 2))],
            range((int) ceil($from), (int) floor($to)),
        );
    }

    /** @return list<array{y: float, label: string}> */
    public function times(): array
    {
        [$from, $to] = $this->span(fn (ExposureSettings $one): float => $one->time->apex());

        return array_map(
            fn (int $stop): array => ['y' => $this->y($stop), 'label' => (string) ExposureTime::nearest(2.0 ** -$stop)],
            range((int) ceil($from), (int) floor($to), max(1, (int) ceil(($to - $from) / 9))),
        );
    }

    private function x(float $apex): float
    {
        [$from, $to] = $this->span(fn (ExposureSettings $one): float => $one->aperture->apex());

        return round(self::LEFT + ((self::RIGHT - self::LEFT) * ($apex - $from)) / ($to - $from), 1);
    }

    private function y(float $apex): float
    {
        [$from, $to] = $this->span(fn (ExposureSettings $one): float => $one->time->apex());

        return round(self::BOTTOM - ((self::BOTTOM - self::TOP) * ($apex - $from)) / ($to - $from), 1);
    }

    /**
     * @param  callable(ExposureSettings): float  $value
     * @return array{float, float} with room at either end
     */
    private function span(callable $value): array
    {
        $values = array_map($value, $this->settings);

        return [floor(min($values)) - 0.5, ceil(max($values)) + 0.5];
    }

    /** The points in one line. */
    public function summary(): string
    {
        return implode(
            '; ',
            array_map(fn (array $point): string => $point['count'].' times '.$point['label'], $this->points()),
        );
    }
}
