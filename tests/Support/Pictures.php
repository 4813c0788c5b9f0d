<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Imaging\TagWriter;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\ExposureMode;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Metering\MeteringPattern;

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
    public static function jpeg(int $patch = 176, int $ground = 118, ?CaptureRecord $record = null, int $mark = 0): string
    {
        $path = self::path('jpg');
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, $ground, $ground, $ground));
        $grey = (int) imagecolorallocate($image, $patch, $patch, $patch);
        imagefilledrectangle($image, (int) (0.4 * self::WIDTH), (int) (0.3 * self::HEIGHT), (int) (0.6 * self::WIDTH) - 1, (int) (0.7 * self::HEIGHT) - 1, $grey);
        // One odd pixel makes a file of its own out of an otherwise equal picture.
        imagesetpixel($image, $mark, 0, $grey);
        imagejpeg($image, $path, 98);
        imagedestroy($image);
        app(TagWriter::class)->write($path, $record ?? self::record());

        return $path;
    }

    public static function record(
        float $n = 5.6,
        float $t = 1 / 100,
        float $iso = 100,
        ExposureMode $mode = ExposureMode::Aperture,
        float $compensation = 0.0,
    ): CaptureRecord {
        return new CaptureRecord(
            make: 'Marlpit', model: 'Marlpit One', lens: 'Marlpit 50 mm', fNumber: Aperture::of($n), exposureTime: ExposureTime::of($t), iso: Iso::of($iso),
            compensation: $compensation, mode: $mode, metering: MeteringPattern::Scene, flashFired: false, focalLength: 50, focalLength35: 50, whiteBalance: 'auto', widestFNumber: 1.8,
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
