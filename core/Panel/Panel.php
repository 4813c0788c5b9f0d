<?php

declare(strict_types=1);

namespace TruePupil\Core\Panel;

use TruePupil\Core\Composition\Region;

/**
 * Brings the remarks of several critics together: two are about the same thing when they have the same topic and lie in
 * the same place. Places are the same when their overlap is at least a third of what both cover; a remark on the whole
 * frame meets others on the whole frame. A remark without a topic stands alone. What meets a remark of a group belongs
 * to the group, so that the order in which they came does not matter.
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
            $met = array_keys(
                array_filter($groups, fn (array $group): bool => self::meets($group, $note)),
            );
            // A remark that meets several groups shows that they are one.
            $merged = array_merge(...array_map(fn (int $at): array => $groups[$at], $met), ...[[$note]]);
            $first = $met[0] ?? count($groups);
            foreach (array_slice($met, 1) as $at) {
                unset($groups[$at]);
            }
            $groups[$first] = $merged;
            $groups = array_values($groups);
        }

        return array_map(fn (array $group): PanelGroup => new PanelGroup($group), $groups);
    }

    /** @param  non-empty-list<PanelNote>  $group */
    private static function meets(array $group, PanelNote $note): bool
    {
        foreach ($group as $one) {
            if (self::isSame($one, $note)) {
                return true;
            }
        }

        return false;
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
