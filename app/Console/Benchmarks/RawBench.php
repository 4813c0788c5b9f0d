<?php

declare(strict_types=1);

namespace App\Console\Benchmarks;

use App\Imaging\DngFile;
use App\Imaging\OutsideProgram;
use App\Imaging\PixelEngine;
use Illuminate\Support\Facades\File;
use TruePupil\Core\PracticeCamera\RawSensor;
use TruePupil\Core\PracticeCamera\WhiteBalance;

/** A raw file of 24 megapixels: all that is read of it, beside LibRaw unpacking it. */
final readonly class RawBench
{
    private const WIDTH = 6000;

    private const HEIGHT = 4000;

    public function __construct(private PixelEngine $pixels)
    {
    }

    /** @param  string  $preview  a JPEG */
    public function time(string $preview, Stopwatch $watch): void
    {
        $folder = dirname($preview).'/raw';
        File::ensureDirectoryExists($folder);
        $file = $folder.'/bench.dng';
        $row = '';
        for ($column = 0; $column < self::WIDTH; $column++) {
            $row .= pack('v', RawSensor::BLACK + intdiv($column * 7919 % 6000 * 15_871, 6000));
        }
        File::put($file, DngFile::ofPracticeCamera(
            str_repeat($row, self::HEIGHT),
            self::WIDTH,
            self::HEIGHT,
            WhiteBalance::of(WhiteBalance::DAYLIGHT),
            [1e-5, 1e-9],
            'Marlpit One',
            File::get($preview),
        )->bytes());
        $watch->time(
            'a raw file of 24 megapixels unpacked (LibRaw\'s unprocessed_raw)',
            fn () => (new OutsideProgram('unprocessed_raw', 60))->run(['-q', $file]),
        );
        $watch->time(
            'its reading: preview, sensor and copy',
            fn () => $this->pixels->read($file, $folder.'/reading', $folder.'/copy.jpg', 1600),
        );
        File::deleteDirectory($folder);
    }
}
