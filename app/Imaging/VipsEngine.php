<?php

declare(strict_types=1);

namespace App\Imaging;

use Illuminate\Support\Facades\File;
use TruePupil\Core\Capture\UnreadablePicture;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\PixelStatistics;
use TruePupil\Core\Tone\Srgb;
use TruePupil\Core\Tone\ToneMeasures;

/**
 * Pixels through vips (colour-managed copies, full-resolution counts) and GD (pixel access to working copies).
 *
 * A picture is decoded once into a scratch file; every count then reads that file. Nothing walks full-resolution pixels
 * in PHP.
 */
final readonly class VipsEngine implements PixelEngine
{
    /** Lost and blocked pixels are the corner bins of a three-dimensional histogram, two codes to a bin. */
    private const BINS = 128;

    /** What the JPEG decoder says of a file whose middle is missing; it fills the rest with grey and goes on. */
    private const MISSING_DATA = '/premature end of (data|JPEG)[^\n]*/i';

    public function __construct(
        private Tool $vips,
        private Tool $vipsthumbnail,
        private Tool $vipsheader,
        private string $scratch,
    ) {
    }

    public function workingCopy(string $source, string $target, int $side): void
    {
        $this->orUnreadable($source, fn () => $this->vipsthumbnail->run([
            $source, '--size', $side.'x'.$side.'>', '--export-profile', 'srgb', '-o', $target.'[Q=92,strip,optimize-coding]',
        ], self::MISSING_DATA));
    }

    public function statistics(string $source, array $regions = []): array
    {
        return $this->orUnreadable($source, fn () => $this->inScratch(function (string $folder) use ($source, $regions): array {
            $whole = $this->uprightSrgb($source, $folder);
            $statistics = [$this->count($whole, $folder)];
            foreach ($regions as $region) {
                $statistics[] = $this->count($this->crop($whole, $region, $folder), $folder);
            }

            return $statistics;
        }));
    }

    public function luminanceGrid(string $workingCopy, int $columns): LuminanceGrid
    {
        $image = @imagecreatefromjpeg($workingCopy) ?: throw UnreadablePicture::broken('its working copy cannot be opened');
        $width = imagesx($image);
        $height = imagesy($image);
        $columns = min($columns, $width);
        $rows = max(1, min($height, (int) round($columns * $height / $width)));
        $red = array_map(fn (float $linear): float => $linear * Srgb::WEIGHTS[0], Srgb::linearByCode());
        $green = array_map(fn (float $linear): float => $linear * Srgb::WEIGHTS[1], Srgb::linearByCode());
        $blue = array_map(fn (float $linear): float => $linear * Srgb::WEIGHTS[2], Srgb::linearByCode());
        $sums = $counts = array_fill(0, $columns * $rows, 0);
        $columnOf = array_map(fn (int $x): int => intdiv($x * $columns, $width), range(0, $width - 1));
        for ($y = 0; $y < $height; $y++) {
            $first = intdiv($y * $rows, $height) * $columns;
            for ($x = 0; $x < $width; $x++) {
                $pixel = imagecolorat($image, $x, $y);
                $cell = $first + $columnOf[$x];
                $sums[$cell] += $red[$pixel >> 16 & 255] + $green[$pixel >> 8 & 255] + $blue[$pixel & 255];
                $counts[$cell]++;
            }
        }
        imagedestroy($image);

        return LuminanceGrid::of($columns, $rows, array_map(fn (float|int $sum, int $count): float => $sum / max(1, $count), $sums, $counts));
    }

    /** Decodes into the scratch folder, upright, three bands of 8-bit sRGB. */
    private function uprightSrgb(string $source, string $folder): string
    {
        $decoded = $folder.'/decoded.v';
        $this->vips->run(['copy', $this->strictly($source), $decoded], self::MISSING_DATA);
        $header = $this->header($decoded);
        $steps = [];
        if (($header['orientation'] ?? '1') !== '1') {
            $steps[] = ['autorot'];
        }
        // A profile other than sRGB changes what the numbers mean; one that says sRGB does not.
        $space = $header['interpretation'] ?? 'srgb';
        if (isset($header['icc-profile-data']) && ! $this->saysSrgb($decoded)) {
            $steps[] = ['icc_transform', 'srgb', '--embedded'];
        } elseif ($space !== 'srgb' || ($header['format'] ?? 'uchar') !== 'uchar') {
            $steps[] = ['colourspace', 'srgb'];
        }
        $bands = (int) ($header['bands'] ?? 3);
        $path = $decoded;
        foreach ($steps as $index => $step) {
            $next = $folder.'/step'.$index.'.v';
            $this->vips->run([$step[0], $path, $next, ...array_slice($step, 1)]);
            $path = $next;
        }
        if ($bands > 3 && $space !== 'cmyk') {
            $this->vips->run(['flatten', $path, $folder.'/flat.v']);
            $path = $folder.'/flat.v';
        }

        return $path;
    }

    private function strictly(string $source): string
    {
        // Only loaders of formats that can break off half-way know the option.
        return preg_match('~^image/jpeg~', mime_content_type($source) ?: '') === 1 ? $source.'[fail-on=truncated]' : $source;
    }

    /** @return array<string, string> */
    private function header(string $path): array
    {
        $fields = [];
        foreach (explode("\n", $this->vipsheader->run(['-a', $path])) as $line) {
            if (preg_match('/^([\w-]+): (.*)$/', $line, $part) === 1) {
                $fields[$part[1]] = $part[2];
            }
        }

        return $fields;
    }

    private function saysSrgb(string $path): bool
    {
        $profile = base64_decode($this->vipsheader->run(['-f', 'icc-profile-data', $path]), false) ?: '';

        return str_contains($profile, 'sRGB') || str_contains(str_replace("\0", '', $profile), 'sRGB');
    }

    private function crop(string $whole, Region $region, string $folder): string
    {
        $header = $this->header($whole);
        $width = (int) $header['width'];
        $height = (int) $header['height'];
        $left = min($width - 1, (int) round($region->x * $width));
        $top = min($height - 1, (int) round($region->y * $height));
        $target = $folder.'/'.uniqid('region', true).'.v';
        $this->vips->run([
            'extract_area', $whole, $target, (string) $left, (string) $top,
            (string) max(1, min($width - $left, (int) round($region->width * $width))),
            (string) max(1, min($height - $top, (int) round($region->height * $height))),
        ]);

        return $target;
    }

    private function count(string $path, string $folder): PixelStatistics
    {
        $bands = $this->numbers(['hist_find', $path], $folder);
        $this->vips->run(['colourspace', $path, $folder.'/luminance.v', 'b-w']);
        $luminance = $this->numbers(['hist_find', $folder.'/luminance.v'], $folder);
        $band = fn (int $index): Histogram => Histogram::of(array_map(fn (int $code): int => $bands[$code * 3 + $index], range(0, 255)));
        [$blocked, $lost] = $this->corners($path, $folder);

        return new PixelStatistics(Histogram::of($luminance), $band(0), $band(1), $band(2), $lost, $blocked);
    }

    /** @return array{int, int} pixels whose channels are all at BLOCKED_TO or below, and all at LOST_FROM or above */
    private function corners(string $path, string $folder): array
    {
        assert(ToneMeasures::BLOCKED_TO === 1 && ToneMeasures::LOST_FROM === 254);
        $this->vips->run(['hist_find_ndim', $path, $folder.'/cube.raw', '--bins', (string) self::BINS]);
        $bytes = (int) filesize($folder.'/cube.raw');
        $first = unpack('V', (string) file_get_contents($folder.'/cube.raw', length: 4));
        $last = unpack('V', (string) file_get_contents($folder.'/cube.raw', offset: $bytes - 4, length: 4));

        return [$first[1], $last[1]];
    }

    /**
     * @param  list<string>  $operation
     * @return list<int> unsigned 32-bit numbers of the result
     */
    private function numbers(array $operation, string $folder): array
    {
        $this->vips->run([...$operation, $folder.'/numbers.raw']);

        return array_values(unpack('V*', (string) file_get_contents($folder.'/numbers.raw')) ?: []);
    }

    /**
     * @template T
     *
     * @param  callable(string): T  $work
     * @return T
     */
    private function inScratch(callable $work): mixed
    {
        $folder = $this->scratch.'/'.bin2hex(random_bytes(8));
        File::ensureDirectoryExists($folder);
        try {
            return $work($folder);
        } finally {
            File::deleteDirectory($folder);
        }
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    private function orUnreadable(string $source, callable $work): mixed
    {
        try {
            return $work();
        } catch (ToolFailed $failure) {
            $why = $failure->getMessage();
            throw preg_match('/truncat|premature end|VipsJpeg|unexpected end/i', $why) === 1
                ? UnreadablePicture::truncated()
                : UnreadablePicture::broken(trim(str_replace($source, 'the file', strtok($why, "\n") ?: $why)));
        }
    }
}
