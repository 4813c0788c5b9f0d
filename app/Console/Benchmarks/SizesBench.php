<?php

declare(strict_types=1);

namespace App\Console\Benchmarks;

use App\Imaging\OutsideProgram;
use App\Imaging\PixelEngine;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\ExecutableFinder;

/**
 * How reading a picture grows with its size, beside a bare decode of it and what others take to count its tones alone,
 * one after the other in the same minute.
 */
final readonly class SizesBench
{
    private const MEGAPIXELS = [2, 6, 24, 50, 100];

    /** Of the picture that the others are made from. */
    private const FROM = 24;

    public function __construct(private PixelEngine $pixels)
    {
    }

    /** @return list<list<string>> a row for each size: megapixels, seconds, ratios */
    public function rows(string $picture, int $runs): array
    {
        [$vips, $folder] = [new OutsideProgram('vips', 120), dirname($picture).'/sizes'];
        $magick = (new ExecutableFinder())->find('identify');
        File::ensureDirectoryExists($folder);
        $rows = [];
        foreach (self::MEGAPIXELS as $megapixels) {
            $file = $folder.'/'.$megapixels.'.jpg';
            $vips->run(['resize', $picture, $file.'[Q=92]', (string) sqrt($megapixels / self::FROM)]);
            $watch = new Stopwatch($runs);
            $decode = $watch->time('decode', fn () => imagecreatefromjpeg($file));
            $reading = $watch->time(
                'reading',
                fn () => $this->pixels->read($file, $folder.'/reading', $folder.'/copy.jpg', 1600),
            );
            $histogram = $watch->time('vips', fn () => $vips->run(['hist_find', $file, $folder.'/hist.v']));
            $statistics = $magick === null
                ? null
                : $watch->time(
                    'ImageMagick',
                    fn () => (new OutsideProgram($magick, 120, bytes: 8_000_000_000))->run(
                        ['-format', '%[mean] %[standard-deviation]', $file],
                    ),
                );
            $times = fn (?float $seconds): string => $seconds === null
                ? 'not installed'
                : sprintf('%.2f s (%.1f)', $seconds, $seconds / $decode);
            $rows[] = [
                $megapixels.' MP',
                sprintf('%.2f s', $decode),
                $times($reading),
                $times($histogram),
                $times($statistics),
            ];
        }
        File::deleteDirectory($folder);

        return $rows;
    }
}
