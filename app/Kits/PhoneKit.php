<?php

declare(strict_types=1);

namespace App\Kits;

/**
 * A telephone as most are, for whoever begins with one: a camera of one aperture whose own program chooses the time.
 * What its files record replaces nothing of it; its owner can say more.
 */
final class PhoneKit
{
    /** @return array<string, mixed> as a kit file has it */
    public static function data(): array
    {
        return [
            'body' => [
                'name' => 'My telephone',
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
            'lenses' => [
                [
                    'name' => 'main camera',
                    'minFocal' => 6.8,
                    'maxFocal' => 6.8,
                    'widestAtMin' => 1.8,
                    'widestAtMax' => 1.8,
                    'smallest' => 1.8,
                    'closestFocus' => 0.12,
                ],
            ],
            'supports' => ['hand'],
            'filters' => [],
        ];
    }
}
