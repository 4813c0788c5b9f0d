<?php

declare(strict_types=1);

namespace App\PracticeCamera;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\PracticeCamera\Defocus;
use TruePupil\Core\PracticeCamera\DepthScale;

/**
 * Depth of field on pixels: a picture taken apart by distance and put together again, nearest first, each part blurred by its
 * own disc. What is blurred far enough is worked out on a smaller picture, where the fineness allows it.
 */
final readonly class DepthLayers
{
    /** Keeps a division by an empty place from failing. */
    private const NOTHING = 1e-6;

    public function __construct(private Vips $vips, private Fineness $fineness)
    {
    }

    /**
     * @param  Light  $depth  levels of the depth scale
     * @param  list<int>  $present  the levels that occur
     */
    public function blur(Light $light, Light $depth, array $present, Defocus $defocus): Light
    {
        $tables = $this->tables($present, $defocus);
        $sharpest = array_search(0.0, $defocus->radii, true);
        // From the nearest to the farthest, and together what can be worked out at one scale on one side of the focused distance.
        $stretches = [];
        for ($layer = count($defocus->radii) - 1; $layer >= 0; $layer--) {
            $scale = $this->fineness->scale(abs($defocus->radii[$layer]));
            if ($tables[$layer] !== null) {
                $stretches[$scale === 1 ? 0 : $layer <=> $sharpest][$scale][] = $layer;
            }
        }
        $sources = [1 => [$light, $depth]];
        $together = null;
        foreach ($stretches as $scales) {
            $finest = min(array_keys($scales));
            $stretch = null;
            foreach ($scales as $scale => $layers) {
                $sources[$scale] ??= [$light->shrunk($scale)->kept(), $depth->resized(intdiv($light->width, $scale), intdiv($light->height, $scale), false)->kept()];
                $group = null;
                foreach ($layers as $layer) {
                    $group = self::behind($group, $this->part(...$sources[$scale], table: (string) $tables[$layer], radius: $this->fineness->radiusAt(abs($defocus->radii[$layer]), $scale)));
                }
                for ($up = $scale; $up > $finest && $group !== null; $up = intdiv($up, 2)) {
                    $group = $group->doubled();
                }
                $stretch = self::behind($stretch, $group);
            }
            if (count($stretches) === 1 && $finest > 1 && $stretch !== null) {
                // Nothing is sharp: all of it can be finished small.
                $small = self::finished($stretch->placed(intdiv($light->width, $finest), intdiv($light->height, $finest)));
                for ($up = $finest; $up > 1; $up = intdiv($up, 2)) {
                    $small = $small->doubled();
                }

                return $small;
            }
            for ($up = $finest; $up > 1 && $stretch !== null; $up = intdiv($up, 2)) {
                $stretch = $stretch->doubled();
            }
            $together = self::behind($together, $stretch);
        }
        \assert($together !== null);

        $whole = $together->placed($light->width, $light->height);

        // What was joined from several is worked out already.
        return self::finished(count($stretches) > 1 ? $whole : $whole->kept());
    }

    /** What little the parts left uncovered takes on the colour of what covers the rest. */
    private static function finished(Light $whole): Light
    {
        return $whole->band(0, 3)->over($whole->band(3)->linear(1.0, self::NOTHING));
    }

    /** One layer, blurred: colour times cover, and cover; no more of it than there is. */
    private function part(Light $light, Light $depth, string $table, float $radius): ?PicturePart
    {
        $cover = $depth->lookedUp(Light::fromFloats($this->vips, $table, DepthScale::LEVELS, 1, 1))->kept();
        $touched = $cover->touched();
        if ($touched === null) {
            return null;
        }
        $reach = (int) ceil($radius) + 2;
        [$left, $top] = [max(0, $touched['left'] - $reach), max(0, $touched['top'] - $reach)];
        $box = [$left, $top, min($light->width, $touched['right'] + $reach) - $left, min($light->height, $touched['bottom'] + $reach) - $top];
        [$light, $cover] = [$light->cut(...$box), $cover->cut(...$box)];

        return new PicturePart(DiscBlur::blur(Light::join([$light->times($cover), $cover]), $radius, $this->fineness->detail), $left, $top);
    }

    /** What lies farther off fills only the room that the nearer parts leave. */
    private static function behind(?PicturePart $nearer, ?PicturePart $farther): ?PicturePart
    {
        if ($nearer === null || $farther === null) {
            return $nearer ?? $farther;
        }

        return $nearer->joined($farther, function (Light $near, Light $far): Light {
            $room = $near->band(3)->linear(-1.0, 1.0)->over($far->band(3)->linear(1.0, self::NOTHING))->clamped();

            return $near->plus($far->times($room));
        });
    }

    /**
     * For each layer its share at every level, as packed floats; null for a layer that nothing falls into.
     *
     * @param  list<int>  $present
     * @return list<?string>
     */
    private function tables(array $present, Defocus $defocus): array
    {
        $shares = array_fill(0, count($defocus->radii), array_fill(0, DepthScale::LEVELS, 0.0));
        $used = [];
        foreach ($present as $level) {
            foreach ($defocus->shares(DepthScale::metres($level)) as $layer => $share) {
                if ($share > 0.0) {
                    $shares[$layer][$level] = $share;
                    $used[$layer] = true;
                }
            }
        }

        return array_map(fn (int $layer): ?string => isset($used[$layer]) ? pack('g*', ...$shares[$layer]) : null, array_keys($shares));
    }
}
