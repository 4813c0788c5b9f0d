<?php

declare(strict_types=1);

namespace App\Imaging;

/** Takes where a picture was taken out of its file, and leaves everything else as it is. */
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

    public function __construct(private OutsideProgram $exiftool)
    {
    }

    /**
     * @param  string  $path  a copy that may be written to, in a folder of its own
     *
     * @throws OutsideProgramFailed when this kind of file cannot be written
     */
    public function clean(string $path): void
    {
        $this->exiftool->run([
            '-q',
            '-m',
            '-overwrite_original',
            ...array_map(fn (string $tag): string => '-'.$tag.'=', self::PLACES),
            '--',
            $path,
        ], writes: [dirname($path)]);
    }
}
