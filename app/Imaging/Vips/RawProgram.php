<?php

declare(strict_types=1);

namespace App\Imaging\Vips;

/**
 * Takes from a camera raw file what is asked of its sensor's own values: how many of each channel lie where, counted
 * over all of them, and samples for the parts of the picture, in sixteenths of a stop below the end of their channel
 * (RawCodes); and a small picture of its light, which goes on where a rendering is white (SensorLight).
 *
 * Run by raw.php in a process of its own; needs nothing of the framework.
 */
final readonly class RawProgram
{
    private const UCHAR = 0;

    private const USHORT = 2;

    private const MORE = 4;

    private const LINEAR_KERNEL = 1;

    /** Longer side of the picture of its light, pixels: as large as what is tried on a frame is shown. */
    private const LIGHT = 1200;

    /** In that picture, the value at which green is full; balanced, red and blue may go to twice as much. */
    public const FULL = 32767;

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
        $cells = $this->cells($values, self::CELL[self::period($mosaic)]);
        $coded = $this->turned($this->coded($cells, $codes), $raw->flip());
        $light = $this->turned($this->light($cells, $raw, $ends), $raw->flip());
        PartsFile::write($task['raw'], [], [
            'rawCounts' => [$ends, [pack('V*', ...$byCode['red'], ...$byCode['green'], ...$byCode['blue'])]],
            'rawSamples' => $this->samples($coded),
            'rawLight' => [
                ['columns' => $this->vips->fact($light, 'width'), 'rows' => $this->vips->fact($light, 'height')],
                [$this->vips->bytes($light)],
            ],
        ]);
    }

    /** @return array{array<string, int>, list<string>} */
    private function samples(Picture $coded): array
    {
        [$size, $pieces] = (new Samples($this->vips))->of($coded, self::SAMPLES);

        return [
            $size + ['width' => $this->vips->fact($coded, 'width'), 'height' => $this->vips->fact($coded, 'height')],
            $pieces,
        ];
    }

    /**
     * The light of the cells in linear sRGB, balanced as the camera was. Where a channel is full nobody knows how much
     * there was: no other is shown as more than full there, which would give it a colour.
     *
     * @param  array{red: int, green: int, blue: int}  $ends
     */
    private function light(Picture $cells, LibRaw $raw, array $ends): Picture
    {
        $ends = array_values($ends);
        $above = $this->vips->run(
            'relational_const',
            $cells,
            [self::MORE, $this->vips->doubles(array_map(fn (int $end): float => $end - 1.0, $ends)), 3],
        );
        $isFull = $this->vips->run('bandor', $above);
        $gains = array_map(fn (float $gain, int $end): float => $gain / $end, $raw->balance(), [
            $ends[1], $ends[1], $ends[1],
        ]);
        $none = $this->vips->doubles([0.0, 0.0, 0.0]);
        $balanced = $this->vips->run('linear', $cells, [$this->vips->doubles($gains), $none, 3]);
        $one = $this->vips->run(
            'linear',
            $balanced,
            [$none, $this->vips->doubles([1.0, 1.0, 1.0]), 3],
        );
        $isMore = $this->vips->run('relational_const', $balanced, [self::MORE, $this->vips->doubles([1.0]), 1]);
        $held = $this->vips->choose($isFull, $this->vips->choose($isMore, $one, $balanced), $balanced);
        $side = max($this->vips->fact($cells, 'width'), $this->vips->fact($cells, 'height'));
        $small = $side > self::LIGHT
            ? $this->vips->run('resize', $held, [self::LIGHT / $side], ['kernel' => self::LINEAR_KERNEL])
            : $held;
        $srgb = $this->vips->run('recomb', $small, [$this->vips->matrix($raw->toSrgb(), 3, 3)]);
        $scale = (float) self::FULL;

        return $this->vips->run('cast', $this->vips->run('linear', $srgb, [
            $this->vips->doubles([$scale, $scale, $scale]),
            $this->vips->doubles([0.5, 0.5, 0.5]),
            3,
        ]), [self::USHORT]);
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

    /** Red, green and blue, each of its pixels the largest value of a cell that holds all of them. */
    private function cells(Picture $values, int $side): Picture
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

        return $this->vips->keep($this->vips->bands(array_map(
            fn (array $bands): Picture => count($bands) === 1
                ? $band($bands[0])
                : $this->vips->largest(array_map($band, $bands)),
            array_values(self::CHANNELS),
        )));
    }

    /** @param  array{red: list<int>, green: list<int>, blue: list<int>}  $codes */
    private function coded(Picture $cells, array $codes): Picture
    {
        $bytes = '';
        for ($value = 0; $value < 65536; $value++) {
            $bytes .= chr($codes['red'][$value]).chr($codes['green'][$value]).chr($codes['blue'][$value]);
        }

        return $this->vips->run('maplut', $cells, [$this->vips->table($bytes, 65536, 3, self::UCHAR)]);
    }

    private function turned(Picture $picture, int $flip): Picture
    {
        return $this->vips->keep(
            isset(self::TURNS[$flip]) ? $this->vips->run('rot', $picture, [self::TURNS[$flip]]) : $picture,
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
