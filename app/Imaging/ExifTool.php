<?php

declare(strict_types=1);

namespace App\Imaging;

use Closure;
use JsonException;
use TruePupil\Core\Capture\UnreadablePicture;

/** Metadata through exiftool: only the tags that are used, so that nothing of where a picture was taken is kept. */
final readonly class ExifTool implements PictureTags
{
    /** Tags that are read as numbers. */
    private const NUMBERS = [
        'ImageWidth',
        'ImageHeight',
        'Orientation',
        'ColorSpace',
        'FNumber',
        'ApertureValue',
        'ExposureTime',
        'ShutterSpeedValue',
        'ISO',
        'PhotographicSensitivity',
        'RecommendedExposureIndex',
        'ExposureCompensation',
        'ExposureProgram',
        'ExposureMode',
        'MeteringMode',
        'Flash',
        'FocalLength',
        'FocalLengthIn35mmFormat',
        'FocalPlaneXResolution',
        'FocalPlaneResolutionUnit',
        'ExifImageWidth',
        'WhiteBalance',
        'SubjectDistance',
        'FocusDistance',
        'MaxApertureValue',
    ];

    /** Tags that are read as words; the makers' codes for these differ, their words hardly. */
    private const WORDS = [
        'FileType',
        'ProfileDescription',
        'Make',
        'Model',
        'LensModel',
        'Lens',
        'DateTimeOriginal',
        'ISOSetting',
        'ISOAuto',
        'ImageStabilization',
        'VibrationReduction',
        'PictureStyle',
        'PictureMode',
        'PictureControlName',
        'CreativeStyle',
        'FilmMode',
        'PhotoStyle',
        'HighISONoiseReduction',
        'LongExposureNoiseReduction',
        'PeripheralLighting',
        'VignetteControl',
        'VignettingCorrection',
        'ShadingCompensation',
        'DistortionCorrection',
        'AutoDistortionControl',
        'DistortionControl',
        'RAWFileType',
        'NEFCompression',
        'RawCompression',
        'ShutterType',
        'ShutterMode',
        'FocusMode',
        'DriveMode',
        'ContinuousDrive',
        'ReleaseMode',
    ];

    public function __construct(private OutsideProgram $exiftool)
    {
    }

    public function read(string $path): array
    {
        return $this->begin($path)();
    }

    public function begin(string $path): Closure
    {
        $reading = $this->exiftool->begin([
            '-json',
            '-q',
            ...array_map(fn (string $tag): string => '-'.$tag.'#', self::NUMBERS),
            ...array_map(fn (string $tag): string => '-'.$tag, self::WORDS),
            '--',
            $path,
        ]);

        return fn (): array => $this->finish($reading, $path);
    }

    /**
     * @param  Closure(): string  $reading
     * @return array<string, mixed>
     */
    private function finish(Closure $reading, string $path): array
    {
        try {
            $output = $reading();
            $files = json_decode($output, true, flags: JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
        } catch (OutsideProgramFailed|JsonException $failure) {
            throw UnreadablePicture::broken(
                'its record cannot be read ('.$this->withoutPath($failure->getMessage(), $path).')',
            );
        }
        $tags = is_array($files) && is_array($files[0] ?? null) ? $files[0] : [];
        unset($tags['SourceFile']);

        return $tags;
    }

    private function withoutPath(string $message, string $path): string
    {
        return trim(str_replace([' - '.$path, $path], '', $message));
    }
}
