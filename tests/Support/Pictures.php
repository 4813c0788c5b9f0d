<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Imaging\DngFile;
use App\Imaging\OutsideProgram;
use App\Imaging\TagWriter;
use DateTimeImmutable;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedCamera;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedHandling;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\PracticeCamera\WhiteBalance;

/** Made-up pictures of known tones, as real JPEG files. */
final class Pictures
{
    public const WIDTH = 600;

    public const HEIGHT = 400;

    /** Where the patch lies, as fractions: 2 % smaller than the patch itself, clear of JPEG's edges. */
    public const SUBJECT = '0.42,0.32,0.16,0.36';

    /**
     * A patch (x 0.4–0.6, y 0.3–0.7) on a plain ground, with a record.
     *
     * @param  int  $patch  8-bit grey of the subject
     */
    public static function jpeg(
        int $patch = 176,
        int $ground = 118,
        ?CaptureRecord $record = null,
        int $mark = 0,
    ): string {
        $path = self::path('jpg');
        $record ??= self::record();
        // Writing a record starts a program: an equal picture is drawn once a run and copied from then on.
        $known = self::known(serialize([$patch, $ground, $record, $mark]));
        if (is_file($known)) {
            copy($known, $path);

            return $path;
        }
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, $ground, $ground, $ground));
        $grey = (int) imagecolorallocate($image, $patch, $patch, $patch);
        imagefilledrectangle(
            $image,
            (int) (0.4 * self::WIDTH),
            (int) (0.3 * self::HEIGHT),
            (int) (0.6 * self::WIDTH) - 1,
            (int) (0.7 * self::HEIGHT) - 1,
            $grey,
        );
        // One odd pixel makes a file of its own out of an otherwise equal picture.
        imagesetpixel($image, $mark, 0, $grey);
        imagejpeg($image, $path, 98);
        imagedestroy($image);
        app(TagWriter::class)->write($path, $record);
        copy($path, $known.'.'.getmypid());
        rename($known.'.'.getmypid(), $known);

        return $path;
    }

    private static function known(string $what): string
    {
        $folder = (getenv('PUPIL_KEPT') ?: throw new \LogicException('Run this through bin/test.')).'/drawn';
        is_dir($folder) || @mkdir($folder, recursive: true);

        return $folder.'/'.sha1($what).'.jpg';
    }

    public static function record(
        float $n = 5.6,
        float $t = 1 / 100,
        float $iso = 100,
        ExposureMode $mode = ExposureMode::Aperture,
        float $compensation = 0.0,
        ?DateTimeImmutable $takenAt = null,
    ): CaptureRecord {
        return new CaptureRecord(
            camera: new RecordedCamera(make: 'Marlpit', model: 'Marlpit One'),
            lens: new RecordedLens(name: 'Marlpit 50 mm', focalLength: 50, focalLength35: 50, widestFNumber: 1.8),
            exposure: new RecordedExposure(
                fNumber: Aperture::of($n),
                exposureTime: ExposureTime::of($t),
                iso: Iso::of($iso),
                compensation: $compensation,
                mode: $mode,
                metering: MeteringPattern::Scene,
                flashFired: false,
            ),
            handling: new RecordedHandling(whiteBalance: 'auto'),
            takenAt: $takenAt,
        );
    }

    /** A picture drawn by GD, as a JPEG of high quality. @param  callable(\GdImage): void  $draw */
    public static function drawn(callable $draw, int $width = 1800, int $height = 1200, int $quality = 96): string
    {
        $path = self::path('jpg');
        $image = imagecreatetruecolor($width, $height);
        $draw($image);
        imagejpeg($image, $path, $quality);
        imagedestroy($image);

        return $path;
    }

    /**
     * A raw file whose sensor holds what is said, over a preview.
     *
     * @param  callable(int, int, int): int  $value  of a column, a row and a channel (0 red, 1 green, 2 blue)
     */
    public static function dng(string $preview, callable $value, int $orientation = 1): string
    {
        $values = '';
        for ($row = 0; $row < self::HEIGHT; $row++) {
            $line = [];
            for ($column = 0; $column < self::WIDTH; $column++) {
                $line[] = $value($column, $row, $row % 2 + $column % 2);
            }
            $values .= pack('v*', ...$line);
        }
        $path = self::path('dng');
        file_put_contents(
            $path,
            DngFile::ofPracticeCamera(
                $values,
                self::WIDTH,
                self::HEIGHT,
                WhiteBalance::of(WhiteBalance::DAYLIGHT),
                [1e-5, 1e-9],
                'Marlpit One',
                (string) file_get_contents($preview),
            )->bytes(),
        );
        app(TagWriter::class)->write($path, self::record());
        if ($orientation > 1) {
            (new OutsideProgram('exiftool', 30))->run(
                ['-q', '-n', '-overwrite_original', '-Orientation='.$orientation, '--', $path],
            );
        }

        return $path;
    }

    /**
     * The smallest camera raw file: a TIFF that says it is raw and holds nothing but a JPEG preview, lying as the
     * sensor did.
     */
    public static function raw(string $jpeg, int $orientation = 1): string
    {
        [$width, $height] = getimagesizefromstring($jpeg) ?: [0, 0];
        $texts = '';
        $first = 8 + 2 + 13 * 12 + 4;
        $text = function (int $tag, string $words) use (&$texts, $first): string {
            $entry = pack('vvVV', $tag, 2, strlen($words) + 1, $first + strlen($texts));
            $texts .= $words."\0".(strlen($words) % 2 === 0 ? "\0" : '');

            return $entry;
        };
        [$make, $model] = [$text(0x10F, 'Marlpit'), $text(0x110, 'Marlpit One')];
        $long = fn (int $tag, int $value): string => pack('vvVV', $tag, 4, 1, $value);
        $short = fn (int $tag, int $value): string => pack('vvVvv', $tag, 3, 1, $value, 0);
        // In the order of their tags: reduced picture, size, JPEG in one strip, version of the raw format.
        $entries =
            $long(0xFE, 1).
            $long(0x100, $width).
            $long(0x101, $height).
            $short(0x103, 7).
            $short(0x106, 6).
            $make.
            $model.
            $long(0x111, $first + strlen($texts)).
            $short(0x112, $orientation).
            $short(0x115, 3).
            $long(0x117, strlen($jpeg)).
            pack('vvV', 0xC612, 1, 4).
            "\1\4\0\0".
            pack('vvV', 0xC613, 1, 4).
            "\1\1\0\0";

        return self::file(
            'II*'."\0".pack('V', 8).pack('v', 13).$entries.pack('V', 0).$texts.$jpeg,
            'dng',
        );
    }

    public static function path(string $ending): string
    {
        $folder = storage_path('scratch/tests');
        is_dir($folder) || mkdir($folder, recursive: true);

        return $folder.'/'.bin2hex(random_bytes(6)).'.'.$ending;
    }

    /** A file with this content. */
    public static function file(string $content, string $ending = 'jpg'): string
    {
        $path = self::path($ending);
        file_put_contents($path, $content);

        return $path;
    }
}
