<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\FileCache;
use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use Illuminate\Support\Facades\File;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\PracticeCamera\DepthScale;
use TruePupil\Core\PracticeCamera\ToneCurve;

/** The scenes' plates, unpacked once in the form that the renderer reads straight from the disk. */
final class PlateStore
{
    public const WIDTH = 1800;

    public const HEIGHT = 1200;

    /** Width of the smaller copies that the finder is drawn from. */
    public const FINDER_WIDTH = 960;

    /** Distances are stored as 1 − exp(−d/15), d in metres from the lens. */
    private const HAZE = 15.0;

    /** A place whose height or radius on the turning thing is more than this lies on it. */
    public const TURNS = 0.0001;

    /** @var array<string, Light> */
    private array $open = [];

    /**
     * @param  FileCache  $readings
     *   for what is small and comes in many: room of its own, so that it pushes no plate out
     * @param  FileCache  $cuts  the plates as they were framed last
     */
    public function __construct(
        private readonly Vips $vips,
        private readonly FileCache $kept,
        private readonly FileCache $readings,
        private readonly FileCache $cuts,
    ) {
    }

    /** Linear light in three bands. */
    public function plate(Scene $scene, string $name, bool $isSmall): Light
    {
        return $this->kept($scene->file($name), $isSmall ? 'small' : 'full', function () use (
            $scene,
            $name,
            $isSmall,
        ): Light {
            $plate = $this->radiance($scene->file($name));

            return $isSmall
                ? $plate->resized(self::FINDER_WIDTH, (self::FINDER_WIDTH * self::HEIGHT) / self::WIDTH)
                : $plate;
        });
    }

    /** How far off each pixel is along the line of sight, as levels of the depth scale. */
    public function depth(Scene $scene, bool $isSmall): Light
    {
        return $this->kept($scene->file('depth.png'), 'depth-'.($isSmall ? 'small' : 'full'), function () use (
            $scene,
            $isSmall,
        ): Light {
            $haze = Light::open($this->vips, $scene->file('depth.png'));
            if ($isSmall) {
                $haze = $haze->resized(self::FINDER_WIDTH, (self::FINDER_WIDTH * self::HEIGHT) / self::WIDTH, false);
            }
            // ln(d) = ln(−15·ln(1 − v)); the eye sees d, the lens focuses on d·cosθ.
            $clear = $haze->linear(-1 / 65535, 1.0 + 1e-6);
            $logarithm = $clear
                ->naturalLogarithm()
                ->linear(-self::HAZE)
                ->naturalLogarithm();
            $centred = Light::positions($this->vips, $haze->width, $haze->height)->linear(
                [36 / $haze->width / $scene->view->focalLength35, 36 / $haze->width / $scene->view->focalLength35],
                [-18 / $scene->view->focalLength35, -12 / $scene->view->focalLength35],
            );
            $cosine = $centred
                ->power(2)
                ->weighed([1.0, 1.0])
                ->linear(1.0, 1.0)
                ->naturalLogarithm()
                ->linear(-0.5);
            $levels = $logarithm
                ->plus($cosine)
                ->linear(DepthScale::perLog(), 0.5 - DepthScale::perLog() * log(DepthScale::NEAREST));

            // Beyond everything that was built there is only sky.
            return $haze
                ->isMoreThan(65533)
                ->choose($levels->linear(0.0, DepthScale::LEVELS - 1), $levels)
                ->toWholeNumbers();
        });
    }

    /** A plate as it is framed. */
    public function framed(Scene $scene, string $name, Region $framing, RenderQuality $fineness): Light
    {
        return $this->cut($scene->file($name), $framing, $fineness, fn (bool $isSmall): Light => PlateView::framed(
            $this->plate($scene, $name, $isSmall),
            $framing,
            $fineness,
        ));
    }

    /** How far off each pixel of the framed scene is. */
    public function framedDepth(Scene $scene, Region $framing, RenderQuality $fineness): Light
    {
        return $this->cut(
            $scene->file('depth.png'),
            $framing,
            $fineness,
            fn (bool $isSmall): Light => PlateView::framed(
                $this->depth($scene, $isSmall),
                $framing,
                $fineness,
                false,
            ),
        );
    }

    /**
     * The crossing subject in the middle of the plate with its shadow, as colour times cover and cover, in sun or in
     * shade.
     */
    public function mover(Scene $scene, bool $inSun, bool $isSmall): Light
    {
        return $this->kept(
            $scene->file('cut5.hdr.gz'),
            ($inSun ? 'sun-' : 'shade-').($isSmall ? 'small' : 'full'),
            function () use ($scene, $inSun, $isSmall): Light {
                [$with, $without] = $inSun ? ['cut1', 'cut3'] : ['cut2', 'cut4'];
                \assert($scene->motion->mover !== null && $scene->motion->crossing !== null);
                $cut = $scene->motion->mover->cut;
                [$left, $top] = [(int) ($cut[0] * self::WIDTH) + 2, (int) ($cut[1] * self::HEIGHT) + 2];
                [$width, $height] = [
                    (int) ($cut[2] * self::WIDTH) - 2 - $left,
                    (int) ($cut[3] * self::HEIGHT) - 2 - $top,
                ];
                $part = fn (string $name): Light => $this->radiance($scene->file($name.'.hdr.gz'))
                    ->cut($left, $top, $width, $height)
                    ->kept();
                [$a, $b, $empty] = [$part($with), $part($without), $part('cut5')];
                $outside = $empty->band(0)->clamped();
                // What its shadow leaves of the light on the ground; small differences are the renderer's grain.
                $shadow = $a
                    ->weighed([1 / 3, 1 / 3, 1 / 3])
                    ->softened(1.5)
                    ->over($b->weighed([1 / 3, 1 / 3, 1 / 3])->softened(1.5))
                    ->linear(1 / 0.85)
                    ->clamped();
                $through = $scene->motion->crossing->castsShadow ? $outside->times($shadow) : $outside;
                $cover = $through->linear(-1.0, 1.0);
                $colour = $a->minus($b->times($through));
                // Only what lies inside the outline has a colour of its own: the shadow is black.
                $own = $outside->linear(-1.0, 1.0)->isMoreThan(0.004);
                $colour = $own->choose($colour, $colour->linear(0.0));
                $mover = Light::join([$colour, $cover])->placed($left, $top, self::WIDTH, self::HEIGHT, false);

                return $isSmall
                    ? $mover->resized(self::FINDER_WIDTH, (self::FINDER_WIDTH * self::HEIGHT) / self::WIDTH)
                    : $mover;
            },
        );
    }

    /**
     * Where on the turning thing each pixel lies: share of a turn, then height or radius; 0 and 0 where nothing turns.
     */
    public function turning(Scene $scene, bool $isSmall): Light
    {
        return $this->kept($scene->file('height.png'), 'turning-'.($isSmall ? 'small' : 'full'), function () use (
            $scene,
            $isSmall,
        ): Light {
            $part = fn (string $name): Light => Light::open($this->vips, $scene->file($name))->linear(1 / 65535);
            $where = Light::join([$part('angle.png'), $part('height.png')]);

            return $isSmall
                ? $where->resized(self::FINDER_WIDTH, (self::FINDER_WIDTH * self::HEIGHT) / self::WIDTH, false)
                : $where;
        });
    }

    /**
     * The part of the plate in which anything turns; null where nothing does. Looked for once.
     *
     * @return ?array{int, int, int, int} left, top, width, height
     */
    public function turningBox(Scene $scene, bool $isSmall): ?array
    {
        $name = sprintf(
            'turning-box-%s-%s',
            $isSmall ? 'small' : 'full',
            self::version($scene->file('height.png'), __FILE__),
        );
        $box = $this->reading($name, function () use ($scene, $isSmall): Light {
            $touched = $this->turning($scene, $isSmall)->band(1)->isMoreThan(self::TURNS)->touched();

            return Light::fromFloats(
                $this->vips,
                pack(
                    'g*',
                    ...$touched === null
                        ? [0.0, 0.0, 0.0, 0.0]
                        : [
                            $touched['left'],
                            $touched['top'],
                            $touched['right'] - $touched['left'],
                            $touched['bottom'] - $touched['top'],
                        ],
                ),
                4,
                1,
                1,
            );
        })->floats();
        [$left, $top, $width, $height] = array_map(intval(...), $box);

        return $width === 0 ? null : [$left, $top, $width, $height];
    }

    /**
     * A picture made by a recipe of its own, under a name that tells everything it depends on.
     *
     * @param  callable(): Light  $make
     */
    public function made(string $name, callable $make): Light
    {
        return $this->open[$name] ??= Light::open(
            $this->vips,
            $this->kept->get($name, 'v', fn (string $path) => $make()->write($path)),
        );
    }

    /**
     * A small picture that is worked out once for each of many names; not held open.
     *
     * @param  callable(): Light  $make
     */
    public function reading(string $name, callable $make): Light
    {
        return Light::open($this->vips, $this->readings->get($name, 'v', fn (string $path) => $make()->write($path)));
    }

    /** The bytes of the tone curve. */
    public function tone(): Light
    {
        return $this->open['tone'] ??= Light::fromBytes(
            $this->vips,
            (string) file_get_contents(
                $this->kept->get(
                    'tone-'.self::version(base_path('core/PracticeCamera/ToneCurve.php')),
                    'bytes',
                    function (string $path): void {
                        File::put($path, ToneCurve::table());
                    },
                ),
            ),
            65536,
            1,
            1,
        );
    }

    /**
     * A name for files as they are now: another once any of them is written anew. Reading them whole would take longer
     * than looking.
     */
    public static function version(string ...$files): string
    {
        return hash(
            'xxh128',
            implode(
                ' ',
                array_map(fn (string $file): string => $file.' '.filesize($file).' '.filemtime($file), $files),
            ),
        );
    }

    /**
     * While dials turn, the framing of the live picture stays: cutting it out again would take longer than all else.
     *
     * @param  callable(bool): Light  $make  from the smaller copies or from the whole plates
     */
    private function cut(string $source, Region $framing, RenderQuality $fineness, callable $make): Light
    {
        $isSmall = PlateView::isSmall($framing, $fineness);
        $isWhole = $framing->width >= 1.0 && $framing->height >= 1.0 && $fineness->width === self::FINDER_WIDTH;
        if (! $fineness->isQuick || $isWhole) {
            return $make($isSmall);
        }
        $name = sprintf(
            'cut-%s-%d-%s',
            hash('xxh128', serialize($framing)),
            $fineness->width,
            self::version($source, __FILE__, __DIR__.'/PlateView.php'),
        );

        return Light::open(
            $this->vips,
            $this->cuts->get($name, 'v', fn (string $path) => $make($isSmall)->write($path)),
        );
    }

    /** @param  callable(): Light  $make */
    private function kept(string $source, string $form, callable $make): Light
    {
        return $this->made($form.'-'.self::version($source, __FILE__), $make);
    }

    private function radiance(string $file): Light
    {
        $path = $this->kept->get('radiance-'.self::version($file), 'hdr', function (string $target) use (
            $file,
        ): void {
            // A large plate goes on in a second file.
            $packed = file_get_contents($file).(is_file($file.'.2') ? file_get_contents($file.'.2') : '');
            File::put($target, (string) gzdecode($packed));
        });

        return Light::open($this->vips, $path)->fromRadiance();
    }
}
