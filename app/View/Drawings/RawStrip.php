<?php

declare(strict_types=1);

namespace App\View\Drawings;

use Closure;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Measures\RawMeasures;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\RawCodes;
use TruePupil\Core\Tone\RawTones;
use TruePupil\Core\Tone\ToneMeasures;

/**
 * What the sensor itself holds, under the tones that the camera made of it and on their axis: a line for each channel,
 * each up to its own end, and what is lost there.
 */
final readonly class RawStrip
{
    private const TOP = 12;

    private const BASE = 92;

    /** Codes to a point of a line: a third of a stop or so. */
    private const CODES = 5;

    /** @param  Closure(float): float  $x  of stops from mid-grey */
    private function __construct(private RawTones $tones, private float $end, private Closure $x)
    {
    }

    /**
     * @param  Closure(float): float  $x  of stops from mid-grey
     * @return ?self null where it cannot be told how the two lie to each other
     */
    public static function of(RawMeasures $raw, ToneMeasures $rendering, Closure $x): ?self
    {
        $end = $raw->endFromMidGrey($rendering);

        return $end === null ? null : new self($raw->frame, $end, $x);
    }

    /** Where a channel is full. */
    public function end(): float
    {
        return ($this->x)($this->end);
    }

    public function top(): int
    {
        return self::TOP;
    }

    public function base(): int
    {
        return self::BASE;
    }

    /** @return array<string, string> a path for each channel */
    public function lines(): array
    {
        return array_map(
            $this->line(...),
            ['red' => $this->tones->red, 'green' => $this->tones->green, 'blue' => $this->tones->blue],
        );
    }

    /** @return list<array{name: string, percent: float, height: float}> what each channel lost, as a column */
    public function columns(): array
    {
        $columns = [];
        foreach (['red' => 'r', 'green' => 'g', 'blue' => 'b'] as $name => $key) {
            $percent = $this->tones->lostPctByChannel()[$key];
            $columns[] = [
                'name' => $name,
                'percent' => $percent,
                'height' => round(min(1.0, sqrt($percent / 10)) * (self::BASE - self::TOP), 1),
            ];
        }

        return $columns;
    }

    /** What it comes to, in a sentence. */
    public function summary(): string
    {
        $room = $this->tones->headroom();

        return $room > 0
            ? sprintf(
                'In the raw file %s left above the brightest tones; %s would be full first.',
                Stops::of($room)->inWords().($room > 1.2 ? ' are' : ' is'),
                $this->tones->first(),
            )
            : sprintf(
                'In the raw file %.1f %% of %s is at the end of the sensor.',
                $this->tones->lostPct(),
                $this->tones->first(),
            );
    }

    private function line(Histogram $channel): string
    {
        $points = [];
        $shares = [];
        for ($code = RawCodes::FULL - 1; $code > 0; $code -= self::CODES) {
            $from = max(1, $code - self::CODES + 1);
            $shares[$code] = array_sum(array_slice($channel->counts, $from, $code - $from + 1));
        }
        $tallest = max(1, ...array_values($shares));
        foreach ($shares as $code => $count) {
            $stops = $this->end + (RawCodes::stops($code) ?? 0.0) - (self::CODES / 2 - 0.5) / RawCodes::PER_STOP;
            $points[] = sprintf(
                '%.1f,%.1f',
                ($this->x)($stops),
                self::BASE - ($count / $tallest) * (self::BASE - self::TOP - 6),
            );
        }

        return 'M'.implode(' L', $points);
    }
}
