<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\PracticeCamera\Defocus;

/**
 * Depth of field on pixels: a picture taken apart by distance and put together again, nearest first, each part blurred
 * by its own disc.
 */
final readonly class DepthLayers
{
    /** Keeps a division by an empty place from failing. */
    private const NOTHING = 1e-6;

    public function __construct(private Vips $vips, private RenderQuality $fineness)
    {
    }

    /**
     * @param  Light  $depth  levels of the depth scale
     * @param  list<int>  $present  the levels that occur
     */
    public function blur(Light $light, Light $depth, array $present, Defocus $defocus): Light
    {
        $together = null;
        foreach (array_reverse(LayerShares::of($present, $defocus), true) as $layer => $shares) {
            if ($shares !== null) {
                $together = self::behind(
                    $together,
                    $this->part($light, $depth, LayerShares::table($this->vips, $shares), abs($defocus->radii[$layer])),
                );
            }
        }
        \assert($together !== null);
        $whole = $together->placed($light->width, $light->height)->kept();

        // What little the parts left uncovered takes on the colour of what covers the rest.
        return $whole->band(0, 3)->over($whole->band(3)->linear(1.0, self::NOTHING));
    }

    /** Blurred by its disc: colour times cover, and cover. Null where nothing is. @param  float  $radius  pixels */
    private function part(Light $light, Light $depth, Light $table, float $radius): ?PicturePart
    {
        $cover = $depth->lookedUp($table)->kept();
        $touched = $cover->touched();
        if ($touched === null) {
            return null;
        }
        $reach = (int) ceil($radius) + 2;
        [$left, $top] = [max(0, $touched['left'] - $reach), max(0, $touched['top'] - $reach)];
        $box = [
            $left,
            $top,
            min($light->width, $touched['right'] + $reach) - $left,
            min($light->height, $touched['bottom'] + $reach) - $top,
        ];
        [$light, $cover] = [$light->cut(...$box), $cover->cut(...$box)];

        return new PicturePart(
            DiscBlur::blur(Light::join([$light->times($cover), $cover]), $radius, $this->fineness->detail),
            $left,
            $top,
        );
    }

    /** What lies farther off fills only the room that the nearer parts leave. */
    private static function behind(?PicturePart $nearer, ?PicturePart $farther): ?PicturePart
    {
        if ($nearer === null || $farther === null) {
            return $nearer ?? $farther;
        }

        return $nearer->joined($farther, function (Light $near, Light $far): Light {
            $room = $near
                ->band(3)
                ->linear(-1.0, 1.0)
                ->over($far->band(3)->linear(1.0, self::NOTHING))
                ->clamped();

            return $near->plus($far->times($room));
        });
    }
}
