<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\AtomicFile;
use DateTimeImmutable;
use Illuminate\Support\Facades\File;
use RuntimeException;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\Check;

/**
 * Frames of the practice camera that show what a ready brief asks for: some that meet it and some that do not. What is
 * set for each lies in resources/examples.json; the pictures, made once by a command, in public/examples.
 */
final readonly class BriefExamples
{
    private const WIDTH = 720;

    private const QUALITY = 80;

    /** When they are taken, so that they come out the same whenever they are made. */
    private const TAKEN_AT = '2026-05-04 10:00:00+02:00';

    /**
     * @param  list<array{file: string, settings: string}>  $meets  addresses and what was set
     * @param  list<array{file: string, settings: string}>  $misses  none where a picture would not show it
     * @param  ?Check  $missed  the check that these miss
     */
    private function __construct(public array $meets, public array $misses, public ?Check $missed)
    {
    }

    /** Null for a brief that is not among the ready ones, or whose text has been changed. */
    public static function of(Brief $brief): ?self
    {
        // What was changed may ask for something else.
        $made = $brief->revision === 1 ? self::made()[$brief->id] ?? null : null;
        if ($made === null) {
            return null;
        }
        $missed = array_values(
            array_filter($brief->checks, fn (Check $check): bool => $check->id === ($made['check'] ?? null)),
        )[0] ?? null;

        return new self($made['meets'], $missed === null ? [] : $made['misses'], $missed);
    }

    /** One picture for a brief: a frame that meets it, or else the scene that it can be tried in. */
    public static function picture(Brief $brief): ?string
    {
        $meets = self::of($brief)->meets ?? [];

        // Of a row the one in the middle, which is neither its darkest nor its brightest.
        return $meets[intdiv(count($meets), 2)]['file'] ??
            ($brief->scene === null ? null : '/scenes/'.$brief->scene.'.jpg');
    }

    /** Makes the pictures of all briefs again. */
    public static function make(Finder $finder, SceneRenderer $renderer): int
    {
        $made = [];
        foreach (self::given() as $id => $example) {
            $made[$id] = ['check' => $example['check'] ?? null];
            foreach (['meets', 'misses'] as $which) {
                $made[$id][$which] = [];
                foreach ($example[$which] ?? [] as $index => $frame) {
                    $file = sprintf('/examples/%s-%s-%d.jpg', $id, $which, $index + 1);
                    $made[$id][$which][] = [
                        'file' => $file,
                        'settings' => self::take($frame, public_path($file), $finder, $renderer),
                    ];
                }
            }
        }
        $json = json_encode(
            $made,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        );
        AtomicFile::write(
            public_path('examples/examples.json'),
            fn (string $path): mixed => File::put($path, $json."\n"),
        );

        return count($made);
    }

    /** @return array<string, array<string, mixed>> what is set for each, by id of the brief */
    public static function given(): array
    {
        return File::json(resource_path('examples.json'), JSON_THROW_ON_ERROR);
    }

    /**
     * @param  array<string, string>  $frame  as ShotInput names it, with its scene
     * @return string the settings of the frame
     */
    private static function take(array $frame, string $path, Finder $finder, SceneRenderer $renderer): string
    {
        $shot = (new ShotInput($frame))->shot(
            Scene::find($frame['scene']),
            CameraSetups::ofDemo(),
            new DateTimeImmutable(self::TAKEN_AT),
        );
        $reading = $finder->look($shot);
        $full = $renderer->picture($reading->rendering, RenderQuality::frame())->jpeg(95);
        $picture = imagecreatefromstring($full) ?: throw new RuntimeException('The picture cannot be read.');
        $small = imagescale($picture, self::WIDTH, -1, IMG_BICUBIC) ?: throw new RuntimeException('No room for it.');
        File::ensureDirectoryExists(dirname($path));
        imageinterlace($small, true);
        imagejpeg($small, $path, self::QUALITY);

        return (string) Shutter::record($shot, $reading)->settings();
    }

    /**
     * @return array<string, array{
     *     check: ?string,
     *     meets: list<array{file: string, settings: string}>,
     *     misses: list<array{file: string, settings: string}>,
     * }>
     */
    private static function made(): array
    {
        static $made = null;

        return $made ??= File::json(public_path('examples/examples.json'), JSON_THROW_ON_ERROR);
    }
}
