<?php

declare(strict_types=1);

namespace App\Imaging\Vips;

use Closure;
use RuntimeException;

/**
 * Decodes a picture once and takes from that one decode everything that is ever asked of its pixels: an upright copy in
 * sRGB, and its reading: counts of full-resolution pixels, samples, small maps of colour and light, and the edges at a
 * fixed size. A reading is a file (see ReadingFile, which reads it).
 *
 * Run by pixels.php in a process of its own; needs nothing of the framework.
 *
 * @phpstan-type Counts array{luminance: list<int>, r: list<int>, g: list<int>, b: list<int>, lost: int, blocked: int}
 */
final class PixelProgram
{
    /** vips's numbers for formats and colour spaces. */
    private const UCHAR = 0;

    private const USHORT = 2;

    private const SRGB = 22;

    private const B_W = 1;

    private const CMYK = 15;

    private const LINEAR_KERNEL = 1;

    /** Luminance of white in the sum of the weighted channels, so that three times the largest weight fits 16 bits. */
    public const WHITE = 30000;

    /**
     * The same where pixels are counted: the rest of the 16 bits says how many channels are at the top of the scale.
     */
    private const COUNTED_WHITE = 12000;

    /** Above the luminance of white, rounded up: what each channel at the top of the scale adds to a pixel's value. */
    private const CHANNEL_LOST = 12008;

    private const WEIGHTS = [0.2126, 0.7152, 0.0722];

    /** Side of a cell of the map of edges, pixels of the middle-sized picture. */
    private const CELL = 25;

    /** Of the map of close edges, as a share of the longer side: 15 of them are a face (PixelReading::FACE). */
    private const CLOSE_CELL = 0.01;

    /** About so many. */
    private const SAMPLES = 750_000;

    /**
     * Pixels that are counted at least, where there are so many: of a larger picture whole rows, evenly spread. In
     * photographs, shares of its tones then differ from those of a full count by less than 0.1 %, or 0.3 % at worst.
     */
    private const COUNTED = 6_000_000;

    /** Longer side of what the small maps are made from, pixels. */
    private const MIDDLE = 1600;

    /** Of the small colour picture: fine enough to find lines to a fraction of a degree. */
    private const COLOUR_COLUMNS = 384;

    /**
     * How pixels at an end of the scale are told, and the lower of the two codes that they come to: the bits that all
     * three channels share are at least 254 only where each channel is; the bits that any of them has are at most 1
     * likewise.
     */
    private const LOST = ['bandand', 254];

    private const BLOCKED = ['bandor', 0];

    /** Of the map of lost and blocked places. */
    private const ENDS_COLUMNS = 192;

    /** Of the luminance grid: a spot of 2.5 % of the frame then holds hundreds of cells. */
    private const LIGHT_COLUMNS = 144;

    private readonly Edges $edges;

    private readonly Samples $samples;

    public function __construct(private readonly Vips $vips)
    {
        $this->edges = new Edges($vips);
        $this->samples = new Samples($vips);
    }

    /**
     * @param  array{
     *     source: string,
     *     megapixels?: int,
     *     working?: ?string,
     *     side?: int,
     *     reading?: ?string,
     *     isPreview?: bool,
     *     raw?: string,
     *     small?: string,
     * }  $task
     *   working and reading: where the one and the other are written; raw: what RawProgram wrote; small: where a first
     *   part of the reading is written, in which the picture is small
     * @param  ?Closure(): void  $isSmall  called when that is there
     * @return array{width: int, height: int}
     */
    public function run(array $task, ?Closure $isSmall = null): array
    {
        $picture = $this->uprightSrgb($task['source'], $task['megapixels'] ?? PHP_INT_MAX);
        $size = ['width' => $this->vips->fact($picture, 'width'), 'height' => $this->vips->fact($picture, 'height')];
        $side = $task['side'] ?? self::MIDDLE;
        $shown = isset($task['working']) ? $this->vips->keep($this->reduced($picture, $side)) : null;
        if (isset($task['reading'])) {
            $middle =
                $shown !== null && $side === self::MIDDLE
                    ? $shown
                    : $this->vips->keep($this->reduced($picture, self::MIDDLE));
            $facts = $size + ['isPreview' => $task['isPreview'] ?? false];
            $small = $this->smallParts($middle);
            if (isset($task['small'])) {
                PartsFile::write($task['small'], $facts, $small);
                $isSmall === null || $isSmall();
            }
            $parts = $this->countedParts($picture, $middle) + $small;
            PartsFile::write($task['reading'], $facts, $parts, $task['raw'] ?? null);
        }
        if ($shown !== null) {
            $this->vips->saveJpeg($shown, $task['working'], 92);
        }

        return $size;
    }

    /** @return array<string, array{array<string, int>, list<string>}> as PartsFile takes them */
    private function smallParts(Picture $middle): array
    {
        $close = (int) max(
            1,
            self::CLOSE_CELL * max($this->vips->fact($middle, 'width'), $this->vips->fact($middle, 'height')),
        );
        [$detail, $closeDetail] = $this->edges->of($middle, [self::CELL, $close]);
        $small = $this->vips->keep($this->small($middle, self::COLOUR_COLUMNS));

        return array_map(
            fn (array $map): array => [['columns' => $map['columns'], 'rows' => $map['rows']], [$map['bytes']]],
            [
                'light' => $this->light($small),
                'colours' => $this->colours($small),
                'detail' => $detail,
                'closeDetail' => $closeDetail,
            ],
        );
    }

    /** @return array<string, array{array<string, int>, list<string>}> as PartsFile takes them */
    private function countedParts(Picture $picture, Picture $middle): array
    {
        $counts = $this->counts($picture);
        $ends = $this->endsMap($middle, $counts);

        return [
            'counts' => [
                ['lost' => $counts['lost'], 'blocked' => $counts['blocked']],
                [pack('V*', ...$counts['luminance'], ...$counts['r'], ...$counts['g'], ...$counts['b'])],
            ],
            'samples' => $this->samples->of($picture, self::SAMPLES),
            ...$ends === null
                ? []
                : ['ends' => [
                    ['columns' => $ends['columns'], 'rows' => $ends['rows']],
                    [$ends['lost'], $ends['blocked']],
                ]],
        ];
    }

    /**
     * What a picture that is in sRGB bytes already counts to, and where it is lost or blocked.
     *
     * @return array{counts: Counts, ends: ?array{columns: int, rows: int, lost: string, blocked: string}}
     */
    public function glance(Picture $picture): array
    {
        $counts = $this->counts($picture);

        return [
            'counts' => $counts,
            'ends' => $this->endsMap($picture, $counts),
        ];
    }

    private function uprightSrgb(string $source, int $megapixels): Picture
    {
        // From top to bottom, and no further than the data goes: 2 is "truncated".
        $picture = $this->vips->open($source, ['access' => 1, 'fail-on' => 2]);
        // Only the header has been read so far.
        [$width, $height] = [$this->vips->fact($picture, 'width'), $this->vips->fact($picture, 'height')];
        if ($width * $height > $megapixels * 1_000_000) {
            throw new RuntimeException(sprintf('too large: %d × %d', $width, $height));
        }
        $profile = $this->vips->profile($picture);
        $orientation = $this->vips->fact($picture, 'orientation');
        $picture = $this->vips->keep($picture, inTurn: true);
        if ($orientation > 1) {
            $picture = $this->vips->keep($this->vips->run('autorot', $picture));
        }
        $space = $this->vips->fact($picture, 'interpretation');
        if ($profile !== null && $space !== self::B_W && ! str_contains(str_replace("\0", '', $profile), 'sRGB')) {
            $picture = $this->vips->run('icc_transform', $picture, ['srgb'], ['embedded' => 1]);
        } elseif ($space !== self::SRGB || $this->vips->fact($picture, 'format') !== self::UCHAR) {
            $picture =
                $space === self::CMYK
                    ? $this->vips->run('icc_transform', $picture, ['srgb'], ['input-profile' => 'cmyk'])
                    : $this->vips->run('colourspace', $picture, [self::SRGB]);
        }
        if ($this->vips->fact($picture, 'hasalpha') === 1) {
            $picture = $this->vips->run('flatten', $picture);
        }
        if ($this->vips->fact($picture, 'bands') !== 3) {
            throw new RuntimeException('it has no colour channels that can be understood');
        }

        return $this->vips->keep($picture);
    }

    /** At most so many pixels along the longer side. */
    private function reduced(Picture $picture, int $side): Picture
    {
        $scale = $side / max($this->vips->fact($picture, 'width'), $this->vips->fact($picture, 'height'));

        return $scale < 1
            ? $this->vips->run('resize', $picture, [$scale], ['kernel' => self::LINEAR_KERNEL])
            : $picture;
    }

    /** @return array{luminance: list<int>, r: list<int>, g: list<int>, b: list<int>, lost: int, blocked: int} */
    private function counts(Picture $picture): array
    {
        $picture = $this->countedRows($picture);
        $bands = $this->numbers($this->vips->run('hist_find', $picture));
        $band = fn (int $index): array => array_map(fn (int $code): int => $bands[$code * 3 + $index], range(0, 255));

        return ['r' => $band(0), 'g' => $band(1), 'b' => $band(2), ...$this->luminance($picture)];
    }

    /** The rows that are counted: all, or every second, third and so on. */
    private function countedRows(Picture $picture): Picture
    {
        [$width, $height] = [$this->vips->fact($picture, 'width'), $this->vips->fact($picture, 'height')];
        $step = min($height, intdiv($width * $height, self::COUNTED));

        return $step < 2
            ? $picture
            // The same bytes read as rows so many times as long, of which a middle part is looked at.
            : $this->vips->run('crop', $this->vips->regrouped($picture, $step * $width, intdiv($height, $step), 3), [
                intdiv($step, 2) * $width,
                0,
                $width,
                intdiv($height, $step),
            ]);
    }

    /**
     * Pixels by the sRGB code of their luminance (linear channels weighted and added in whole numbers, then encoded),
     * and those with all three channels at an end of the scale: 254 or more is lost, 1 or less blocked.
     *
     * One pass tells all of it: each channel that is lost adds more than any luminance, and only blocked pixels come to
     * 0.
     *
     * @return array{luminance: list<int>, lost: int, blocked: int}
     */
    private function luminance(Picture $picture): array
    {
        $table = $this->table(
            fn (int $code, float $linear): int => match (true) {
                $code <= 1 => 0,
                // Enough to be told from 0 after the mean of the three is rounded.
                default => max(2, (int) round(3 * $linear * self::COUNTED_WHITE)),
            } + ($code >= 254 ? 3 * self::CHANNEL_LOST : 0),
        );
        $counts = $this->numbers(
            $this->vips->run('hist_find', $this->vips->run('bandmean', $this->vips->run('maplut', $picture, [$table]))),
        );
        $byCode = array_fill(0, 256, 0);
        $lost = 0;
        foreach (array_filter($counts) as $value => $count) {
            $linear = min(1.0, ($value % self::CHANNEL_LOST) / self::COUNTED_WHITE);
            $encoded = $linear <= 0.0031308 ? $linear * 12.92 : 1.055 * $linear ** (1 / 2.4) - 0.055;
            $byCode[(int) (255 * $encoded + 0.5)] += $count;
            $lost += $value >= 3 * self::CHANNEL_LOST ? $count : 0;
        }

        return ['luminance' => array_values($byCode), 'lost' => $lost, 'blocked' => $counts[0]];
    }

    /** Linear luminance, 0 to WHITE. */
    private function linear(Picture $picture): Picture
    {
        // The mean of three bands is a third of their sum.
        return $this->vips->run(
            'bandmean',
            $this->vips->run('maplut', $picture, [
                $this->table(fn (int $code, float $linear): int => (int) round(3 * $linear * self::WHITE)),
            ]),
        );
    }

    /**
     * A table of three channels.
     *
     * @param  callable(int, float): int  $entry  of a code and its weighted linear luminance, 0–1
     */
    private function table(callable $entry): Picture
    {
        $bytes = '';
        for ($code = 0; $code < 256; $code++) {
            $encoded = $code / 255;
            $linear = $encoded <= 0.04045 ? $encoded / 12.92 : (($encoded + 0.055) / 1.055) ** 2.4;
            foreach (self::WEIGHTS as $weight) {
                $bytes .= pack('v', $entry($code, $weight * $linear));
            }
        }

        return $this->vips->table($bytes, 256, 3, self::USHORT);
    }

    /**
     * The picture made small, as sRGB codes.
     *
     * @return array{columns: int, rows: int, bytes: string}
     */
    private function colours(Picture $small): array
    {
        return [
            'columns' => $this->vips->fact($small, 'width'),
            'rows' => $this->vips->fact($small, 'height'),
            'bytes' => $this->vips->bytes($small),
        ];
    }

    /**
     * Mean linear luminance of square cells, 0 to WHITE, in 16 bits.
     *
     * @return array{columns: int, rows: int, bytes: string}
     */
    private function light(Picture $small): array
    {
        $small = $this->vips->keep($this->small($this->linear($small), self::LIGHT_COLUMNS));

        return [
            'columns' => $this->vips->fact($small, 'width'),
            'rows' => $this->vips->fact($small, 'height'),
            'bytes' => $this->vips->bytes($small),
        ];
    }

    /**
     * Where the ends of the scale lie, as shares of small cells; taken from the reduced picture, in which single pixels
     * no longer count.
     *
     * @param  Counts  $counts  an end that no pixel is at is not looked for
     * @return ?array{columns: int, rows: int, lost: string, blocked: string} null where no pixel is at either
     */
    private function endsMap(Picture $middle, array $counts): ?array
    {
        $maps = [];
        foreach (['lost' => self::LOST, 'blocked' => self::BLOCKED] as $end => [$operation, $from]) {
            if ($counts[$end] > 0) {
                $table = str_repeat("\0", $from)."\xff\xff".str_repeat("\0", 254 - $from);
                $isAtEnd = $this->vips->run('maplut', $this->vips->run($operation, $middle), [
                    $this->vips->table($table, 256, 1, self::UCHAR),
                ]);
                $maps[$end] = $this->vips->keep($this->small($isAtEnd, self::ENDS_COLUMNS));
            }
        }
        $any = reset($maps);
        if ($any === false) {
            return null;
        }
        [$columns, $rows] = [$this->vips->fact($any, 'width'), $this->vips->fact($any, 'height')];
        $bytes = fn (string $end): string => isset($maps[$end])
            ? $this->vips->bytes($maps[$end])
            : str_repeat("\0", $columns * $rows);

        return ['columns' => $columns, 'rows' => $rows, 'lost' => $bytes('lost'), 'blocked' => $bytes('blocked')];
    }

    /** At most so many columns, each cell the mean of what it covers. */
    private function small(Picture $picture, int $columns): Picture
    {
        $scale = $columns / $this->vips->fact($picture, 'width');

        return $scale >= 1
            ? $picture
            : $this->vips->run('resize', $picture, [$scale], ['kernel' => self::LINEAR_KERNEL]);
    }

    /** @return list<int> unsigned 32-bit numbers */
    private function numbers(Picture $picture): array
    {
        return array_values(unpack('V*', $this->vips->bytes($picture)) ?: []);
    }
}
