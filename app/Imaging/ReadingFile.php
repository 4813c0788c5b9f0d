<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Imaging\Vips\PartsFile;
use App\Imaging\Vips\RawProgram;
use App\Imaging\Vips\Tones;
use InvalidArgumentException;
use TruePupil\Core\Focus\DetailMap;
use TruePupil\Core\Focus\EdgeEnergy;
use TruePupil\Core\Measures\Overview;
use TruePupil\Core\Measures\PixelReading;
use TruePupil\Core\Measures\PixelSamples;
use TruePupil\Core\Measures\ReadingParts;
use TruePupil\Core\Measures\SensorLight;
use TruePupil\Core\Measures\SensorPreview;
use TruePupil\Core\Measures\SensorReading;
use TruePupil\Core\Measures\SmallMaps;
use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Tone\EndAreas;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\PixelStatistics;
use TruePupil\Core\Tone\RawTones;

/**
 * A reading as the pixel program wrote it: a line of JSON that names the parts, their sizes and the lengths of their
 * pieces, then the pieces, each packed for itself (zlib), so that a small region unpacks a little of the samples only.
 */
final readonly class ReadingFile implements ReadingParts
{
    /** In the names of files, so that another form lies beside it. */
    public const VERSION = PartsFile::VERSION;

    /** Bytes: ten times as many as 256 rows of samples of the longest picture. */
    private const LARGEST_PIECE = 32 * 1024 * 1024;

    /**
     * @param  resource  $file
     * @param  array<string, array<string, mixed>>  $parts
     */
    private function __construct(private mixed $file, private array $parts)
    {
    }

    /**
     * @param  ?Overview  $overview  where it has been worked out already
     *
     * @throws InvalidArgumentException when the file is none, is cut off, or is of another version
     */
    public static function open(string $path, ?Overview $overview = null): PixelReading
    {
        [$file, $head] = self::opened($path);

        return $file->reading($head, $overview);
    }

    /**
     * Of a reading of which no more may be there yet.
     *
     * @throws InvalidArgumentException as open()
     */
    public static function smallMaps(string $path): SmallMaps
    {
        [$file, $head] = self::opened($path);

        return new SmallMaps($file->luminance(), $file->colours(), $head['width'] / $head['height']);
    }

    /**
     * The same, a little later.
     *
     * @throws InvalidArgumentException as open()
     */
    public static function edges(string $path): DetailMap
    {
        return self::opened($path)[0]->detail('detail');
    }

    /** @return array{self, array<string, mixed>} */
    private static function opened(string $path): array
    {
        $file = @fopen($path, 'rb');
        $line = $file === false ? false : fgets($file);
        $head = $line === false ? null : json_decode($line, true);
        if ($file === false || $line === false || ! is_array($head) || ($head['version'] ?? null) !== self::VERSION) {
            throw new InvalidArgumentException('This is no reading of a picture.');
        }
        $at = strlen($line);
        $parts = [];
        foreach ($head['parts'] as $name => $part) {
            $parts[$name] = $part + ['at' => $at];
            $at += array_sum($part['pieces']);
        }
        if ((fstat($file)['size'] ?? 0) !== $at) {
            throw new InvalidArgumentException('A reading is not whole.');
        }

        return [new self($file, $parts), $head];
    }

    public function statistics(): PixelStatistics
    {
        return new PixelStatistics(
            ...$this->histograms('counts', 4),
            ...[$this->parts['counts']['lost'], $this->parts['counts']['blocked']],
        );
    }

    public function luminance(): LuminanceGrid
    {
        $light = $this->parts['light'];

        return LuminanceGrid::of(
            $light['columns'],
            $light['rows'],
            array_map(
                fn (int $cell): float => $cell / Tones::WHITE,
                array_values(unpack('v*', $this->piece('light')) ?: []),
            ),
        );
    }

    public function colours(): ColourGrid
    {
        return ColourGrid::ofBytes(
            $this->parts['colours']['columns'],
            $this->parts['colours']['rows'],
            $this->piece('colours'),
        );
    }

    public function closeDetail(): DetailMap
    {
        return $this->detail('closeDetail');
    }

    public function ends(): ?EndAreas
    {
        $ends = $this->parts['ends'] ?? null;

        return $ends === null
            ? null
            : EndAreas::ofBytes($ends['columns'], $ends['rows'], $this->piece('ends'), $this->piece('ends', 1));
    }

    /** @param  array<string, mixed>  $head */
    private function reading(array $head, ?Overview $overview): PixelReading
    {
        $samples = $this->parts['samples'];

        return new PixelReading(
            $head['width'],
            $head['height'],
            new PixelSamples(
                $samples['columns'],
                $samples['rows'],
                $samples['strip'],
                $head['width'],
                $head['height'],
                fn (int $block): string => $this->piece('samples', $block),
            ),
            $this->detail('detail'),
            $this,
            $head['isPreview'] === true ? new SensorPreview($this->sensor()) : null,
            $overview,
        );
    }

    /** Null where the file's own values could not be unpacked. */
    private function sensor(): ?SensorReading
    {
        [$samples, $light] = [$this->parts['rawSamples'] ?? null, $this->parts['rawLight'] ?? null];

        return $samples === null || $light === null
            ? null
            : new SensorReading(
                RawTones::ofCounts(...$this->histograms('rawCounts', 3)),
                new PixelSamples(
                    $samples['columns'],
                    $samples['rows'],
                    $samples['strip'],
                    $samples['width'],
                    $samples['height'],
                    fn (int $block): string => $this->piece('rawSamples', $block),
                ),
                new SensorLight(
                    $light['columns'],
                    $light['rows'],
                    RawProgram::FULL,
                    fn (): string => $this->piece('rawLight'),
                ),
            );
    }

    /** @return list<Histogram> */
    private function histograms(string $part, int $count): array
    {
        $counts = array_chunk(array_values(unpack('V*', $this->piece($part)) ?: []), 256);
        if (count($counts) !== $count) {
            throw new InvalidArgumentException('A reading lacks histograms.');
        }

        return array_map(Histogram::of(...), $counts);
    }

    private function detail(string $part): DetailMap
    {
        $bytes = $this->piece($part);
        $half = intdiv(strlen($bytes), 2);

        return new DetailMap(
            $this->parts[$part]['columns'],
            $this->parts[$part]['rows'],
            EdgeEnergy::ofBytes(substr($bytes, 0, $half)),
            EdgeEnergy::ofBytes(substr($bytes, $half)),
        );
    }

    private function piece(string $part, int $number = 0): string
    {
        ['at' => $at, 'pieces' => $lengths] = $this->parts[$part];
        $length = $lengths[$number] ?? 0;
        fseek($this->file, $at + array_sum(array_slice($lengths, 0, $number)));
        $packed = $length < 1 ? '' : (string) fread($this->file, $length);
        $piece = @gzuncompress($packed, self::LARGEST_PIECE);

        return $piece === false ? throw new InvalidArgumentException('A reading is damaged.') : $piece;
    }
}
