<?php

declare(strict_types=1);

namespace App\Practice;

/** The files of a scene. */
final readonly class SceneFiles
{
    /** Where a flash can stand, with the plate of its light: on the camera, or set up to its right and above. */
    private const FLASHES = ['camera' => 'flash.hdr.gz', 'right' => 'flash-right.hdr.gz'];

    /**
     * @param  list<string>  $plates  file names
     * @param  array<string, string>  $flashes  plates of a flash's light, by where it stands
     */
    private function __construct(public string $folder, public array $plates, public array $flashes)
    {
    }

    /** @param  list<string>  $plates  file names */
    public static function in(string $folder, array $plates): self
    {
        return new self(
            $folder,
            $plates,
            array_filter(self::FLASHES, fn (string $file): bool => is_file($folder.'/'.$file)),
        );
    }
}
