<?php

declare(strict_types=1);

namespace App\PracticeCamera;

use Illuminate\Support\Facades\File;
use InvalidArgumentException;

/** A scene that the practice camera can photograph. */
final readonly class Scene
{
    private function __construct(
        public string $id,
        public string $title,
        /** A plate of linear radiance, gzipped. */
        public string $plate,
        /** cd/m² of a plate value of 1. */
        public float $candelasPerUnit,
        /** The 35 mm equivalent focal length that sees the whole plate, mm. */
        public float $focalLength35,
    ) {
    }

    public static function find(string $id): self
    {
        $folder = base_path('demo/scenes/'.$id);
        if (preg_match('/^[a-z-]+$/', $id) !== 1 || ! is_file($folder.'/scene.json')) {
            throw new InvalidArgumentException(sprintf('There is no scene "%s".', $id));
        }
        $data = File::json($folder.'/scene.json');

        return new self($data['id'], $data['title'], $folder.'/'.$data['plate'], (float) $data['candelasPerUnit'], (float) $data['focalLength35']);
    }
}
