<?php

declare(strict_types=1);

namespace App\Imaging;

/** Takes where a picture was taken, and whose camera took it, out of its file, and leaves everything else as it is. */
final readonly class PlaceRemover
{
    /** Where files say a place: satellite positions, and names of places. */
    private const PLACES = [
        'GPS:all',
        'XMP-exif:GPS*',
        'XMP-iptcCore:Location',
        'XMP-iptcCore:CountryCode',
        'XMP-iptcExt:LocationCreated',
        'XMP-iptcExt:LocationShown',
        'XMP-photoshop:City',
        'XMP-photoshop:State',
        'XMP-photoshop:Country',
        'IPTC:City',
        'IPTC:Sub-location',
        'IPTC:Province-State',
        'IPTC:Country-PrimaryLocationCode',
        'IPTC:Country-PrimaryLocationName',
    ];

    /** Where files say whose camera it was, in the standard places; what makers write into notes of their own stays. */
    private const OWNERS = [
        'EXIF:SerialNumber',
        'EXIF:LensSerialNumber',
        'EXIF:OwnerName',
        'EXIF:Artist',
        'XMP-exifEX:SerialNumber',
        'XMP-exifEX:LensSerialNumber',
        'XMP-exifEX:OwnerName',
        'XMP-aux:SerialNumber',
        'XMP-aux:LensSerialNumber',
        'XMP-aux:OwnerName',
        'XMP-tiff:Artist',
        'XMP-dc:Creator',
        'IPTC:By-line',
    ];

    public function __construct(private OutsideProgram $exiftool)
    {
    }

    /**
     * @param  string  $path  a copy that may be written to, in a folder of its own
     * @param  bool  $place  whether the place goes as well; its owner may want it to stay
     *
     * @throws OutsideProgramFailed when this kind of file cannot be written
     */
    public function clean(string $path, bool $place = true): void
    {
        $this->exiftool->run([
            '-q',
            '-m',
            '-overwrite_original',
            ...array_map(
                fn (string $tag): string => '-'.$tag.'=',
                [...$place ? self::PLACES : [], ...self::OWNERS],
            ),
            '--',
            $path,
        ], writes: [dirname($path)]);
    }
}
