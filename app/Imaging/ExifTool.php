<?php

declare(strict_types=1);

namespace App\Imaging;

use Closure;
use Illuminate\Support\Facades\Log;
use JsonException;
use TruePupil\Core\Capture\UnreadablePicture;

/** Metadata through exiftool: only the tags that are used, so that nothing of where a picture was taken is kept. */
final readonly class ExifTool implements PictureTags
{
    /** EXIF's own tags that are read as numbers; exports often keep them in XMP alone. */
    private const NUMBERS = [
        'Orientation',
        'ColorSpace',
        'FNumber',
        'ApertureValue',
        'ExposureTime',
        'ShutterSpeedValue',
        'ISO',
        'PhotographicSensitivity',
        'RecommendedExposureIndex',
        'StandardOutputSensitivity',
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
        'ExifImageHeight',
        'WhiteBalance',
        'SubjectDistance',
        'SubjectArea',
        'MaxApertureValue',
        'LensInfo',
        'CompositeImage',
    ];

    /** EXIF's own tags that are read as words. */
    private const WORDS = [
        'Make',
        'Model',
        'LensModel',
        'Lens',
        'DateTimeOriginal',
        'ModifyDate',
        'OffsetTimeOriginal',
        'OffsetTime',
    ];

    /** Of the file and its parts, wherever they stand. */
    private const ANYWHERE = [
        'FileType',
        'ProfileDescription',
        'ImageWidth#',
        'ImageHeight#',
        'CreatorTool',
        // Put together from XMP's parts.
        'Composite:Flash#',
    ];

    /** Printed by maker's notes; the codes behind the words differ from maker to maker. */
    private const MAKER_WORDS = [
        'ISO',
        'ISOAuto',
        'ISOSetting',
        'ISOSelection',
        'CameraISO',
        'CanonExposureMode',
        'ExposureMode',
        'ExposureProgram',
        'MeteringMode',
        'MeteringMode2',
        'AEMeteringMode',
        'LensModel',
        'LensID',
        'Lens',
        'LensType',
        'CanonImageWidth',
        'CanonImageHeight',
        'OriginalImageWidth',
        'FullImageSize',
        'WhiteBalance',
        'ColorTemperature',
        'ColorTempAsShot',
        'ColorTempKelvin',
        'FocusMode',
        'AFMode',
        'AFPointPosition',
        'FocusDistance',
        'ObjectDistance',
        'DriveMode',
        'ContinuousDrive',
        'ReleaseMode',
        'ShootingMode',
        'AutoExposureBracketing',
        'BracketMode',
        'ImageStabilization',
        'VibrationReduction',
        'ShakeReduction',
        'ShutterType',
        'ShutterMode',
        'SilentPhotography',
        'PictureStyle',
        'PictureMode',
        'PictureControlName',
        'CreativeStyle',
        'FilmMode',
        'PhotoStyle',
        'ColorMode',
        'HighISONoiseReduction',
        'NoiseReduction',
        'NoiseFilter',
        'LongExposureNoiseReduction',
        'LongExposureNoiseReduction2',
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
        'RawJpgQuality',
    ];

    /** Whose camera it was: never shown, and taken out of what is kept. */
    private const OWNERS = [
        'EXIF:SerialNumber',
        'EXIF:LensSerialNumber',
        'EXIF:OwnerName',
        'EXIF:Artist',
        'XMP:SerialNumber',
        'XMP:LensSerialNumber',
        'XMP:OwnerName',
        'XMP:Artist',
        'XMP:Creator',
        'IPTC:By-line',
    ];

    /** That a place is recorded is told; the place itself goes no further than here. */
    private const PLACES = [
        'GPSLatitude',
        'GPSLongitude',
        'XMP:Location',
        'XMP:City',
        'XMP:LocationCreatedCity',
        'XMP:LocationShownCity',
        'IPTC:City',
        'IPTC:Sub-location',
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
            '-G0',
            ...array_map(fn (string $tag): string => '-EXIF:'.$tag.'#', self::NUMBERS),
            ...array_map(fn (string $tag): string => '-XMP:'.$tag.'#', self::NUMBERS),
            ...array_map(fn (string $tag): string => '-EXIF:'.$tag, self::WORDS),
            ...array_map(fn (string $tag): string => '-XMP:'.$tag, self::WORDS),
            ...array_map(fn (string $tag): string => '-MakerNotes:'.$tag, self::MAKER_WORDS),
            ...array_map(fn (string $tag): string => '-'.$tag, [...self::ANYWHERE, ...self::PLACES, ...self::OWNERS]),
            '--',
            $path,
        ], reads: [$path]);

        return fn (): array => $this->finish($reading);
    }

    /**
     * @param  Closure(): string  $reading
     * @return array<string, mixed>
     */
    private function finish(Closure $reading): array
    {
        try {
            $output = $reading();
            $files = json_decode($output, true, flags: JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
        } catch (OutsideProgramFailed|JsonException $failure) {
            // What a library says is for whoever looks after the installation.
            Log::info('A record could not be read', ['why' => $failure->getMessage()]);
            throw UnreadablePicture::broken('its record cannot be read');
        }
        $tags = is_array($files) && is_array($files[0] ?? null) ? $files[0] : [];
        unset($tags['SourceFile']);
        $places = preg_grep('/:(GPS|Location|City|Sub-location)/', array_keys($tags)) ?: [];

        $owners = preg_grep(
            '/^(EXIF|XMP|IPTC):(SerialNumber|LensSerialNumber|OwnerName|Artist|Creator|By-line)$/',
            array_keys($tags),
        ) ?: [];

        return [
            ...self::named(array_diff_key($tags, array_flip([...$places, ...$owners]))),
            ...$places === [] ? [] : [PictureTags::HAS_PLACE => true],
            ...$owners === [] ? [] : [PictureTags::HAS_OWNER => true],
        ];
    }

    /**
     * EXIF's tags, and those of the file itself, by their plain names.
     *
     * @param  array<mixed>  $tags  with the group before each name
     * @return array<string, mixed>
     */
    private static function named(array $tags): array
    {
        $named = [];
        foreach ($tags as $name => $value) {
            [$group, $tag] = array_pad(explode(':', (string) $name, 2), 2, '');
            match ($group) {
                'EXIF' => ($named[$tag] = $value),
                'XMP', 'MakerNotes' => ($named[$name] = $value),
                default => ($named[$tag] ??= $value),
            };
        }

        return $named;
    }
}
