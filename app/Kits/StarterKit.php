<?php

declare(strict_types=1);

namespace App\Kits;

/**
 * What most people begin with, as such things usually are, for whoever would rather not fill in a form. What its files
 * record replaces nothing of it; its owner can say more.
 */
enum StarterKit: string
{
    case Phone = 'phone';
    case Compact = 'compact';
    case KitZoom = 'kit-zoom';

    public function label(): string
    {
        return match ($this) {
            self::Phone => 'A phone',
            self::Compact => 'A compact camera',
            self::KitZoom => 'A camera with the zoom it came with',
        };
    }

    /** What is assumed of it, in a few words. */
    public function assumes(): string
    {
        return match ($this) {
            self::Phone => 'one aperture, and its app sets time and ISO',
            self::Compact => 'a zoom of 24–70 mm as on 36 × 24 mm, ƒ/1.8–2.8 to ƒ/11',
            self::KitZoom => 'a small sensor, 18–55 mm, ƒ/3.5–5.6 to ƒ/22',
        };
    }

    /** @return array<string, mixed> as a kit file has it */
    public function data(): array
    {
        return match ($this) {
            self::Phone => self::kit(
                [
                    'name' => 'My phone',
                    'kind' => 'phone',
                    'setsTime' => false,
                    'format' => '9.8x7.3',
                    'pixels' => [4000],
                    'fastest' => 1 / 10000,
                    'slowest' => 1,
                    'isoMin' => 50,
                    'isoBase' => 50,
                    'isoMax' => 6400,
                    'stabiliserStops' => 3,
                ],
                ['main camera', 6.8, 6.8, 1.8, 1.8, 1.8, 0.12],
            ),
            self::Compact => self::kit(
                [
                    'name' => 'My compact camera',
                    'format' => '13.2x8.8',
                    'pixels' => [5472],
                    'fastest' => 1 / 2000,
                    'slowest' => 30,
                    'isoMin' => 125,
                    'isoBase' => 125,
                    'isoMax' => 12800,
                    'stabiliserStops' => 3,
                ],
                ['its zoom', 8.8, 25.7, 1.8, 2.8, 11, 0.05],
            ),
            self::KitZoom => self::kit(
                [
                    'name' => 'My camera',
                    'format' => '23.5x15.6',
                    'pixels' => [6000],
                    'fastest' => 1 / 4000,
                    'slowest' => 30,
                    'flashSync' => 1 / 160,
                    'isoMin' => 100,
                    'isoBase' => 100,
                    'isoMax' => 25600,
                    'stabiliserStops' => 0,
                ],
                ['its zoom', 18, 55, 3.5, 5.6, 22, 0.25],
            ),
        };
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  array{string, float, float, float, float, float, float}  $lens  its name; focal lengths, mm; the widest
     *   aperture at each and the smallest; the closest focus, m
     * @return array<string, mixed>
     */
    private static function kit(array $body, array $lens): array
    {
        $parts = ['name', 'minFocal', 'maxFocal', 'widestAtMin', 'widestAtMax', 'smallest', 'closestFocus'];

        return [
            'body' => $body,
            'lenses' => [array_combine($parts, $lens)],
            'supports' => ['hand'],
            'filters' => [],
        ];
    }
}
