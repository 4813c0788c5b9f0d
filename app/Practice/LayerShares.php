<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\Light;
use App\Imaging\Vips\Vips;
use TruePupil\Core\PracticeCamera\Defocus;
use TruePupil\Core\PracticeCamera\DepthScale;

/** How what lies at a distance is shared between the layers that a picture is taken apart into. */
final class LayerShares
{
    /**
     * For each layer its share at every level; null for a layer that nothing falls into.
     *
     * @param  list<int>  $present  levels of the depth scale that occur
     * @return list<?array<int, float>>
     */
    public static function of(array $present, Defocus $defocus): array
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

        return array_map(fn (int $layer): ?array => isset($used[$layer]) ? $shares[$layer] : null, array_keys($shares));
    }

    /** @param  array<int, float>  $shares  at every level */
    public static function table(Vips $vips, array $shares): Light
    {
        return Light::fromFloats($vips, pack('g*', ...$shares), DepthScale::LEVELS, 1, 1);
    }
}
