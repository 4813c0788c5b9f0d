<?php

declare(strict_types=1);

namespace App\Imaging\Vips;

/**
 * Takes from a camera raw file what is asked of its sensor's own values: how many of each channel lie where, counted
 * over all of them, and samples for the parts of the picture. Values are kept in sixteenths of a stop below the end of
 * their channel (RawCodes).
 *
 * Run by raw.php in a process of its own; needs nothing of the framework.
 */
final readonly class RawProgram
{
    private const UCHAR = 0;

    private const USHORT = 2;

    /** About so many: as many as a part needs to be told to a few tenths of a percent. */
    private const SAMPLES = 250_000;

    /** Pixels along a side of what holds all colours: of the common mosaic, and of any other. */
    private const CELL = [2 => 2, 6 => 3];

    private const CHANNELS = ['red' => [0], 'green' => [1, 3], 'blue' => [2]];

    /** vips's number for a turn, by LibRaw's. */
    private const TURNS = [3 => 2, 5 => 3, 6 => 1];

    public function __construct(private Vips $vips)
    {
    }

    /** @param  array{source: string, megapixels: int, raw: string}  $task  raw: where it is written */
    public function run(array $task): void
    {
        $raw = new LibRaw($task['source'], $task['megapixels']);
        [$width, $height, $mosaic] = [$raw->width(), $raw->height(), $raw->mosaic()];
        $values = $this->vips->over(
            $raw->values(),
            $width * $height * LibRaw::PIXEL,
            $width,
            $height,
            4,
            self::USHORT,
        );
        $counts = $this->counts($values, $mosaic, $width, $height);
        $ends = array_map(fn (array $channel): int => SensorEnd::of($channel, $raw->white()), $counts);
        $codes = array_map(fn (int $end): array => self::codes($end), $ends);
        $byCode = [];
        foreach ($counts as $name => $channel) {
            $byCode[$name] = array_fill(0, 256, 0);
            foreach ($channel as $value => $count) {
                $byCode[$name][$codes[$name][$value]] += $count;
            }
        }
        $cells = $this->turned($this->cells($values, self::CELL[self::period($mosaic)], $codes), $raw->flip());
        PartsFile::write($task['raw'], [], [
            'rawCounts' => [$ends, [pack('V*', ...$byCode['red'], ...$byCode['green'], ...$byCode['blue'])]],
            'rawSamples' => (function () use ($cells): array {
                [$size, $pieces] = (new Samples($this->vips))->of($cells, self::SAMPLES);
                $whole = [
                    'width' => $this->vips->fact($cells, 'width'),
                    'height' => $this->vips->fact($cells, 'height'),
                ];

                return [$size + $whole, $pieces];
            })(),
        ]);
    }

    /**
     * How many of each channel have which value.
     *
     * @param  list<list<int>>  $mosaic
     * @return array{red: array<int, int>, green: array<int, int>, blue: array<int, int>}
     *   by value, those that nothing has left out
     */
    private function counts(Picture $values, array $mosaic, int $width, int $height): array
    {
        $found = array_values(unpack('V*', $this->vips->bytes($this->vips->run('hist_find', $values))) ?: []);

        return array_map(function (array $bands) use ($found, $mosaic, $width, $height): array {
            $counts = [];
            for ($value = 1; $value < intdiv(count($found), 4); $value++) {
                $count = array_sum(array_map(fn (int $band): int => $found[4 * $value + $band], $bands));
                if ($count > 0) {
                    $counts[$value] = $count;
                }
            }
            // A place of another channel holds 0 as well as one that saw nothing.
            $dark = self::places($mosaic, $bands, $width, $height) - array_sum($counts);

            return $counts + ($dark > 0 || $counts === [] ? [0 => max(1, $dark)] : []);
        }, self::CHANNELS);
    }

    /**
     * How many pixels are of one of some channels.
     *
     * @param  list<list<int>>  $mosaic
     * @param  list<int>  $bands
     */
    private static function places(array $mosaic, array $bands, int $width, int $height): int
    {
        $places = 0;
        $period = count($mosaic);
        $times = fn (int $from, int $length): int => intdiv($length - $from - 1 + $period, $period);
        foreach ($mosaic as $row => $channels) {
            foreach ($channels as $column => $channel) {
                $places += in_array($channel, $bands, true) ? $times($row, $height) * $times($column, $width) : 0;
            }
        }

        return $places;
    }

    /**
     * The code of every value of a channel: 255 from its end on, a sixteenth of a stop less for each below, 0 for what
     * saw nothing.
     *
     * @return list<int>
     */
    private static function codes(int $end): array
    {
        $codes = [0];
        for ($value = 1; $value < 65536; $value++) {
            $codes[] = $value >= $end ? 255 : max(1, 254 - (int) floor(16 * log($end / $value, 2)));
        }

        return $codes;
    }

    /**
     * A picture of the codes, each of its pixels the largest of a cell that holds all colours.
     *
     * @param  array<string, list<int>>  $codes
     */
    private function cells(Picture $values, int $side, array $codes): Picture
    {
        [$columns, $rows] = [
            intdiv($this->vips->fact($values, 'width'), $side),
            intdiv($this->vips->fact($values, 'height'), $side),
        ];
        // Room for the last cell, wherever in it one begins.
        $wider = $this->vips->run('embed', $values, [0, 0, $side * ($columns + 1), $side * ($rows + 1)]);
        $places = [];
        foreach (range(0, $side * $side - 1) as $place) {
            $part = $this->vips->run('crop', $wider, [
                $place % $side,
                intdiv($place, $side),
                $side * $columns,
                $side * $rows,
            ]);
            $places[] = $this->vips->run('subsample', $part, [$side, $side]);
        }
        $cells = $this->vips->keep($this->vips->largest($places));
        $band = fn (int $index): Picture => $this->vips->run('extract_band', $cells, [$index]);
        $coded = [];
        foreach (self::CHANNELS as $name => $bands) {
            $coded[] = $this->vips->run('maplut', count($bands) === 1
                ? $band($bands[0])
                : $this->vips->largest(array_map($band, $bands)), [
                    $this->vips->table(pack('C*', ...$codes[$name]), 65536, 1, self::UCHAR),
                ]);
        }

        return $this->vips->bands($coded);
    }

    private function turned(Picture $cells, int $flip): Picture
    {
        return $this->vips->keep(
            isset(self::TURNS[$flip]) ? $this->vips->run('rot', $cells, [self::TURNS[$flip]]) : $cells,
        );
    }

    /** @param  list<list<int>>  $mosaic */
    private static function period(array $mosaic): int
    {
        foreach ($mosaic as $row => $channels) {
            foreach ($channels as $column => $channel) {
                if ($channel !== $mosaic[$row % 2][$column % 2]) {
                    return 6;
                }
            }
        }

        return 2;
    }
}
