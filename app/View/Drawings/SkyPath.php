<?php

declare(strict_types=1);

namespace App\View\Drawings;

use DateTimeImmutable;
use TruePupil\Core\Plan\Outing;
use TruePupil\Core\Sky\Compass;
use TruePupil\Core\Sky\JulianDay;
use TruePupil\Core\Sky\LightDirection;
use TruePupil\Core\Sky\Moon;
use TruePupil\Core\Sky\MoonDay;
use TruePupil\Core\Sky\PolarDay;
use TruePupil\Core\Sky\SkyPosition;
use TruePupil\Core\Sky\Sun;
use TruePupil\Core\Sky\SunDay;

/** Sun and moon over one day at one place, as the geometry of a drawing: hours across, height above the horizon up. */
final class SkyPath
{
    public const WIDTH = 640;

    public const HEIGHT = 230;

    private const LEFT = 34;

    private const RIGHT = 630;

    private const TOP = 12;

    private const BOTTOM = 200;

    private const HIGHEST = 90.0;

    private const LOWEST = -20.0;

    private const STEP_MINUTES = 15;

    private const DIRECTION_STEP = 10;

    private readonly SunDay $day;

    private readonly DateTimeImmutable $midnight;

    private readonly int $minutes;

    private function __construct(private readonly Outing $outing)
    {
        $this->day = new SunDay($outing->place, $outing->at);
        $this->midnight = $outing->at->setTime(0, 0);
        $this->minutes = intdiv(
            $this->midnight->modify('+1 day')->getTimestamp() - $this->midnight->getTimestamp(),
            60,
        );
    }

    public static function of(Outing $outing): self
    {
        return new self($outing);
    }

    public function sun(): string
    {
        return $this->path(fn (JulianDay $at): float => Sun::seenFrom($this->outing->place, $at)->altitude);
    }

    public function moon(): string
    {
        return $this->path(fn (JulianDay $at): float => Moon::seenFrom($this->outing->place, $at)->altitude);
    }

    public function horizon(): float
    {
        return $this->y(0.0);
    }

    /** @return list<array{x: float, width: float, label: string}> the low warm light of morning and evening */
    public function golden(): array
    {
        $bands = [];
        $golden = [
            'morning' => $this->day->goldenMorning(),
            'evening' => $this->day->goldenEvening(),
        ];
        foreach ($golden as $name => ['from' => $from, 'to' => $to]) {
            if ($from === null && $to === null) {
                continue;
            }
            // What goes on past midnight is drawn to the edge of the day, and told with its date.
            [$left, $right] = [
                max(self::LEFT, $this->x($from ?? $this->midnight)),
                min(self::RIGHT, $to === null ? self::RIGHT : $this->x($to)),
            ];
            $bands[] = [
                'x' => $left,
                'width' => max(0.0, $right - $left),
                'label' => sprintf(
                    'low light of the %s, %s',
                    $name,
                    match (true) {
                        $from === null => 'until '.$this->clock($to),
                        $to === null => 'from '.$this->clock($from).' on',
                        default => $this->clock($from).' to '.$this->clock($to),
                    },
                ),
            ];
        }

        return $bands;
    }

    /** @return list<array{x: float, label: string}> every third hour */
    public function hours(): array
    {
        return array_map(
            fn (int $hour): array => [
                'x' => $this->x($this->midnight->modify('+'.$hour.' hours')),
                'label' => (string) $hour,
            ],
            range(0, 24, 3),
        );
    }

    /** @return list<array{y: float, label: string}> */
    public function heights(): array
    {
        return array_map(fn (int $height): array => ['y' => $this->y($height), 'label' => $height.'°'], [
            0,
            30,
            60,
            90,
        ]);
    }

    /**
     * @return list<array{x: float, y: float, label: string}>
     *   where the sun stands, by points of the compass, while it is up
     */
    public function bearings(): array
    {
        $marks = [];
        foreach (range(0, 24, 3) as $hour) {
            $at = $this->midnight->modify('+'.$hour.' hours');
            $sun = $this->sunAt($at);
            if ($sun->altitude > 2) {
                $marks[] = [
                    'x' => $this->x($at),
                    'y' => $this->y($sun->altitude),
                    'label' => self::compass($sun->azimuth),
                ];
            }
        }

        return $marks;
    }

    /**
     * Where the light comes from over the day, for the planned bearing; none without one.
     *
     * @return list<array{x: float, width: float, from: LightDirection, label: string}>
     */
    public function directions(): array
    {
        if ($this->outing->bearing === null) {
            return [];
        }
        $bands = [];
        [$from, $begin] = [null, 0];
        for ($minute = 0; $minute <= $this->minutes; $minute += self::DIRECTION_STEP) {
            $at = $this->midnight->modify('+'.$minute.' minutes');
            $now = $minute >= $this->minutes
                ? null
                : LightDirection::of($this->sunAt($at), $this->outing->bearing);
            if ($now === $from) {
                continue;
            }
            if ($from !== null) {
                $bands[] = $this->direction($from, $this->midnight->modify('+'.$begin.' minutes'), $at);
            }
            [$from, $begin] = [$now, $minute];
        }

        return $bands;
    }

    /** @return array{x: float, width: float, from: LightDirection, label: string} */
    private function direction(LightDirection $from, DateTimeImmutable $begin, DateTimeImmutable $end): array
    {
        return [
            'x' => $this->x($begin),
            'width' => round($this->x($end) - $this->x($begin), 1),
            'from' => $from,
            'label' => sprintf('%s to %s', $begin->format('H:i'), $end->format('H:i')),
        ];
    }

    /**
     * Two hours of the same day side by side: what, at the planned hour, at the other one.
     *
     * @return list<array{string, string, string}>
     */
    public function against(Outing $other): array
    {
        [$planned, $instead] = [$this->inWords($this->outing), $this->inWords($other)];

        return array_map(
            fn (string $what): array => [$what, $planned[$what], $instead[$what]],
            array_keys($planned),
        );
    }

    /** @return array<string, string> by what it is */
    private function inWords(Outing $outing): array
    {
        $sun = $this->sunAt($outing->at);
        $from = $outing->lightFrom($outing->at);

        return [
            'Hour' => $outing->at->format('H:i'),
            'The sun' => $sun->altitude > 0
                ? sprintf('%d° up in the %s', round($sun->altitude), Compass::words($sun->azimuth))
                : 'below the horizon',
            'The light comes as' => match (true) {
                $outing->bearing === null => 'needs to know where the camera points',
                $from === null => 'none from the sun',
                $from === LightDirection::Side => sprintf(
                    'side light from the %s',
                    LightDirection::relative($sun->azimuth, $outing->bearing) > 0 ? 'right' : 'left',
                ),
                default => $from->label(),
            },
        ];
    }

    /** @return array{x: float, y: float} the planned moment, on the sun's path */
    public function planned(): array
    {
        return ['x' => $this->x($this->outing->at), 'y' => $this->y($this->sunAt($this->outing->at)->altitude)];
    }

    /** The table in one line. */
    public function summary(): string
    {
        return implode('; ', array_map(fn (array $row): string => implode(': ', $row), $this->table()));
    }

    /** @return list<array{string, string}> the same in words */
    public function table(): array
    {
        $at = $this->outing->at;
        $sun = $this->sunAt($at);
        $now = JulianDay::fromTimestamp((float) $at->getTimestamp());
        [$moonAt, $moon] = [Moon::seenFrom($this->outing->place, $now), Moon::at($now)];
        $time = $this->clock(...);
        $rows = [
            ['planned for', $at->format('j M Y, H:i')],
            [
                'the sun then',
                $sun->altitude > 0
                    ? sprintf(
                        '%.1f° above the horizon, in the %s (%d°)',
                        $sun->altitude,
                        Compass::words($sun->azimuth),
                        round($sun->azimuth),
                    )
                    : sprintf('%.1f° below the horizon', -$sun->altitude),
            ],
        ];
        if ($sun->altitude > 1) {
            $rows[] = [
                'shadows then',
                sprintf(
                    '%.1f times as long as things are high, towards the %s',
                    1 / tan(deg2rad($sun->altitude)),
                    Compass::words(fmod($sun->azimuth + 180, 360)),
                ),
            ];
        }
        $from = $this->outing->lightFrom($at);
        if ($from !== null) {
            $rows[] = ['the light then', $from->label()];
        }
        foreach (LightDirection::cases() as $direction) {
            $bands = array_filter($this->directions(), fn (array $band): bool => $band['from'] === $direction);
            if ($bands !== []) {
                $rows[] = [explode(':', $direction->label())[0], implode(', ', array_column($bands, 'label'))];
            }
        }
        $rows[] = match ($this->day->polar()) {
            PolarDay::SunStaysUp => ['sunrise and sunset', 'none: the sun stays up'],
            PolarDay::SunStaysDown => ['sunrise and sunset', 'none: the sun stays down'],
            null => ['sunrise and sunset', $time($this->day->rises()).' and '.$time($this->day->sets())],
        };
        foreach ($this->golden() as $band) {
            $rows[] = [explode(',', $band['label'])[0], trim(explode(',', $band['label'])[1])];
        }
        $moonDay = new MoonDay($this->outing->place, $at);
        $rows[] = ['moonrise and moonset', $time($moonDay->rises()).' and '.$time($moonDay->sets())];
        $rows[] = [
            'the moon then',
            sprintf(
                '%s, %d %% lit, %s',
                $moon->phase->value,
                round(100 * $moon->illuminated),
                $moonAt->altitude > 0
                    ? sprintf('%d° up in the %s', round($moonAt->altitude), Compass::words($moonAt->azimuth))
                    : 'below the horizon',
            ),
        ];

        return $rows;
    }

    private function sunAt(DateTimeImmutable $at): SkyPosition
    {
        return Sun::seenFrom($this->outing->place, JulianDay::fromTimestamp((float) $at->getTimestamp()));
    }

    /** @param  callable(JulianDay): float  $altitude */
    private function path(callable $altitude): string
    {
        [$path, $isDrawing] = ['', false];
        for ($minute = 0; $minute <= $this->minutes; $minute += self::STEP_MINUTES) {
            $height = $altitude(JulianDay::fromTimestamp((float) $this->midnight->getTimestamp() + 60 * $minute));
            // Far below the horizon there is nothing to see.
            if ($height >= self::LOWEST) {
                $path .=
                    ($isDrawing ? 'L' : 'M').
                    round(self::LEFT + ((self::RIGHT - self::LEFT) * $minute) / $this->minutes, 1).
                    ','.
                    $this->y($height);
            }
            $isDrawing = $height >= self::LOWEST;
        }

        return $path;
    }

    /** With the date where it is another day's. */
    private function clock(?DateTimeImmutable $moment): string
    {
        return match (true) {
            $moment === null => 'not on this day',
            $moment->format('Y-m-d') === $this->midnight->format('Y-m-d') => $moment->format('H:i'),
            default => $moment->format('H:i \o\n j M'),
        };
    }

    private function x(DateTimeImmutable $at): float
    {
        return round(
            self::LEFT +
                ((self::RIGHT - self::LEFT) * ($at->getTimestamp() - $this->midnight->getTimestamp())) /
                    60 /
                    $this->minutes,
            1,
        );
    }

    private function y(float $altitude): float
    {
        $altitude = max(self::LOWEST, min(self::HIGHEST, $altitude));

        return round(
            self::BOTTOM - ((self::BOTTOM - self::TOP) * ($altitude - self::LOWEST)) / (self::HIGHEST - self::LOWEST),
            1,
        );
    }

    private static function compass(float $azimuth): string
    {
        return ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'][(int) round($azimuth / 45) % 8];
    }
}
