<?php

declare(strict_types=1);

namespace App\Imaging;

use JsonException;
use TruePupil\Core\Capture\UnreadablePicture;

/** Metadata through exiftool: only the tags that are used, as numbers, so that nothing of where a picture was taken is kept. */
final readonly class ExifTool implements PictureTags
{
    private const TAGS = [
        'FileType', 'ImageWidth', 'ImageHeight', 'Orientation', 'ColorSpace', 'ProfileDescription',
        'Make', 'Model', 'LensModel', 'Lens', 'FNumber', 'ApertureValue', 'ExposureTime', 'ShutterSpeedValue',
        'ISO', 'PhotographicSensitivity', 'RecommendedExposureIndex', 'ISOSetting', 'ISOAuto', 'ExposureCompensation',
        'ExposureProgram', 'ExposureMode', 'MeteringMode', 'Flash', 'FocalLength', 'FocalLengthIn35mmFormat',
        'FocalPlaneXResolution', 'FocalPlaneResolutionUnit', 'ExifImageWidth', 'WhiteBalance', 'SubjectDistance',
        'FocusDistance', 'DateTimeOriginal', 'MaxApertureValue',
    ];

    public function __construct(private Tool $exiftool)
    {
    }

    public function read(string $path): array
    {
        try {
            $output = $this->exiftool->run(['-json', '-n', '-q', ...array_map(fn (string $tag): string => '-'.$tag, self::TAGS), '--', $path]);
            $files = json_decode($output, true, flags: JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
        } catch (ToolFailed|JsonException $failure) {
            throw UnreadablePicture::broken('its record cannot be read ('.$this->withoutPath($failure->getMessage(), $path).')');
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
