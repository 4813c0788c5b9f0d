<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Imaging\Vips\PartsFile;
use App\Imaging\Vips\PixelProgram;
use App\Imaging\Vips\RawProgram;
use InvalidArgumentException;
use TruePupil\Core\Focus\DetailMap;
use TruePupil\Core\Focus\EdgeEnergy;
use TruePupil\Core\Measures\PixelReading;
use TruePupil\Core\Measures\PixelSamples;
use TruePupil\Core\Measures\SensorLight;
use TruePupil\Core\Measures\SensorPreview;
use TruePupil\Core\Measures\SensorReading;
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
final readonly class ReadingFile
{
    /** In the names of files, so that another form lies beside it. */
    public const VERSION = PartsFile::VERSION;

    /** Bytes: ten times as many as 256 rows of samples of the longest picture. */
    private const LARGEST_PIECE = 32 * 1024 * 1024;

    /** @param  array<string, array<string, mixed>>  $parts */
    private function __construct(private string $bytes, private array $parts)
    {
    }

    /** @throws InvalidArgumentException when the file is none, or of another version */
    public static function open(string $path): PixelReading
    {
        $bytes = (string) @file_get_contents($path);
        $end = strpos($bytes, "\n");
        $head = $end === false ? null : json_decode(substr($bytes, 0, $end), true);
        if ($end === false || ! is_array($head) || ($head['version'] ?? null) !== self::VERSION) {
            throw new InvalidArgumentException('This is no reading of a picture.');
        }
        $at = $end + 1;
        $parts = [];
        foreach ($head['parts'] as $name => $part) {
            $parts[$name] = $part + ['at' => $at];
            $at += array_sum($part['pieces']);
        }

        return (new self($bytes, $parts))->reading($head);
    }

    /** @param  array<string, mixed>  $head */
    private function reading(array $head): PixelReading
    {
        [$light, $colours, $ends] = [$this->parts['light'], $this->parts['colours'], $this->parts['ends'] ?? null];
        $samples = $this->parts['samples'];

        return new PixelReading(
            $head['width'],
            $head['height'],
            $this->statistics(),
            new PixelSamples(
                $samples['columns'],
                $samples['rows'],
                $samples['strip'],
                $head['width'],
                $head['height'],
                fn (int $block): string => $this->piece('samples', $block),
            ),
            LuminanceGrid::of(
                $light['columns'],
                $light['rows'],
                array_map(
                    fn (int $cell): float => $cell / PixelProgram::WHITE,
                    array_values(unpack('v*', $this->piece('light')) ?: []),
                ),
            ),
            ColourGrid::ofBytes($colours['columns'], $colours['rows'], $this->piece('colours')),
            $this->detail('detail'),
            // Only where an eye is marked.
            fn (): DetailMap => $this->detail('closeDetail'),
            $head['isPreview'] === true ? new SensorPreview($this->sensor()) : null,
            $ends === null
                ? null
                : EndAreas::ofBytes($ends['columns'], $ends['rows'], $this->piece('ends'), $this->piece('ends', 1)),
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

    private function statistics(): PixelStatistics
    {
        return new PixelStatistics(
            ...$this->histograms('counts', 4),
            ...[$this->parts['counts']['lost'], $this->parts['counts']['blocked']],
        );
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
        $packed = substr($this->bytes, $at + array_sum(array_slice($lengths, 0, $number)), $lengths[$number] ?? 0);
        $piece = @gzuncompress($packed, self::LARGEST_PIECE);

        return $piece === false ? throw new InvalidArgumentException('A reading is damaged.') : $piece;
    }
}
