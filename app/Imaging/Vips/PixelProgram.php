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
 * @phpstan-import-type Counts from Tones
 */
final class PixelProgram
{
    /** vips's numbers for formats and colour spaces. */
    private const UCHAR = 0;

    private const SRGB = 22;

    private const B_W = 1;

    private const CMYK = 15;

    private const LINEAR_KERNEL = 1;

    /** Side of a cell of the map of edges, pixels of the middle-sized picture. */
    private const CELL = 25;

    /** Of the map of close edges, as a share of the longer side: 15 of them are a face (PixelReading::FACE). */
    private const CLOSE_CELL = 0.01;

    /** About so many. */
    private const SAMPLES = 750_000;

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

    private readonly Tones $tones;

    public function __construct(private readonly Vips $vips)
    {
        $this->edges = new Edges($vips);
        $this->samples = new Samples($vips);
        $this->tones = new Tones($vips);
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
     *     edges?: string,
     * }  $task
     *   working and reading: where the one and the other are written; raw: what RawProgram wrote; small and edges:
     *   where parts of the reading are written before the rest is there
     * @param  ?Closure(): void  $isReady  called when the one and the other is there
     * @return array{width: int, height: int}
     */
    public function run(array $task, ?Closure $isReady = null): array
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
            $parts = [];
            foreach (['small' => $this->smallParts(...), 'edges' => $this->edgeParts(...)] as $name => $made) {
                $part = $made($middle);
                if (isset($task[$name])) {
                    PartsFile::write($task[$name], $facts, $part);
                    $isReady === null || $isReady();
                }
                $parts += $part;
            }
            $parts = $this->countedParts($picture, $middle) + $parts;
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
        $small = $this->vips->keep($this->small($middle, self::COLOUR_COLUMNS));

        return self::ofMaps(['light' => $this->light($small), 'colours' => $this->colours($small)]);
    }

    /** @return array<string, array{array<string, int>, list<string>}> as PartsFile takes them */
    private function edgeParts(Picture $middle): array
    {
        $close = (int) max(
            1,
            self::CLOSE_CELL * max($this->vips->fact($middle, 'width'), $this->vips->fact($middle, 'height')),
        );
        [$detail, $closeDetail] = $this->edges->of($middle, [self::CELL, $close]);

        return self::ofMaps(['detail' => $detail, 'closeDetail' => $closeDetail]);
    }

    /**
     * @param  array<string, array{columns: int, rows: int, bytes: string}>  $maps
     * @return array<string, array{array<string, int>, list<string>}>
     */
    private static function ofMaps(array $maps): array
    {
        return array_map(
            fn (array $map): array => [['columns' => $map['columns'], 'rows' => $map['rows']], [$map['bytes']]],
            $maps,
        );
    }

    /** @return array<string, array{array<string, int>, list<string>}> as PartsFile takes them */
    private function countedParts(Picture $picture, Picture $middle): array
    {
        $counts = $this->tones->counts($picture);
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
        $counts = $this->tones->counts($picture);

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
     * Mean linear luminance of square cells, 0 to Tones::WHITE, in 16 bits.
     *
     * @return array{columns: int, rows: int, bytes: string}
     */
    private function light(Picture $small): array
    {
        $small = $this->vips->keep($this->small($this->tones->linear($small), self::LIGHT_COLUMNS));

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
}
