<?php

declare(strict_types=1);

namespace TruePupil\Core\Panel;

use TruePupil\Core\Composition\Region;

/**
 * Brings the remarks of several critics together: two are about the same thing when they have the same topic and lie in
 * the same place. Places are the same when their overlap is at least a third of what both cover; a remark on the whole
 * frame meets others on the whole frame. A remark without a topic stands alone.
 */
final class Panel
{
    private const OVERLAP = 1 / 3;

    /**
     * @param  list<PanelNote>  $notes
     * @return list<PanelGroup> in the order of their first remarks
     */
    public static function merge(array $notes): array
    {
        /** @var list<non-empty-list<PanelNote>> $groups */
        $groups = [];
        foreach ($notes as $note) {
            foreach ($groups as $at => $group) {
                if (self::isSame($group[0], $note)) {
                    $groups[$at][] = $note;

                    continue 2;
                }
            }
            $groups[] = [$note];
        }

        return array_map(fn (array $group): PanelGroup => new PanelGroup($group), $groups);
    }

    private static function isSame(PanelNote $a, PanelNote $b): bool
    {
        return $a->topic !== null &&
            $a->topic === $b->topic &&
            match (true) {
                $a->region === null || $b->region === null => $a->region === $b->region,
                default => self::overlap($a->region, $b->region) >= self::OVERLAP,
            };
    }

    /** Area of both over the area of either. */
    private static function overlap(Region $a, Region $b): float
    {
        $width = max(0.0, min($a->x + $a->width, $b->x + $b->width) - max($a->x, $b->x));
        $height = max(0.0, min($a->y + $a->height, $b->y + $b->height) - max($a->y, $b->y));
        $both = $width * $height;

        return $both / ($a->width * $a->height + $b->width * $b->height - $both);
    }
}
