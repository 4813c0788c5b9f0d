<?php

declare(strict_types=1);

namespace App\Practice;

use DateTimeImmutable;
use Illuminate\Support\Facades\File;
use RuntimeException;

/** The pictures by which the scenes are chosen: what each scene's description sets for its card, made by a command. */
final class SceneCards
{
    private const WIDTH = 960;

    private const QUALITY = 82;

    /** @return int how many were made */
    public static function make(Finder $finder, SceneRenderer $renderer): int
    {
        foreach (Scene::all() as $scene) {
            $set = File::json($scene->file('scene.json'), JSON_THROW_ON_ERROR)['card'];
            $shot = (new ShotInput($set))->shot(
                $scene,
                CameraSetups::ofDemo(),
                new DateTimeImmutable('2026-05-04 10:00:00+02:00'),
            );
            self::write(
                $renderer->picture($finder->look($shot)->rendering, RenderQuality::frame())->jpeg(95),
                public_path('scenes/'.$scene->id.'.jpg'),
            );
        }

        return count(Scene::all());
    }

    private static function write(string $jpeg, string $path): void
    {
        $picture = imagecreatefromstring($jpeg) ?: throw new RuntimeException('The picture cannot be read.');
        $small = imagescale($picture, self::WIDTH, -1, IMG_BICUBIC) ?: throw new RuntimeException('No room for it.');
        imageinterlace($small, true);
        imagejpeg($small, $path, self::QUALITY);
    }
}
