<?php

declare(strict_types=1);

namespace App\Patterns;

use Illuminate\Support\Collection;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;

/** To which side a finding goes over a class, where it can go to either. */
final class FindingSides
{
    /** By the name of the first piece of evidence: what a negative value of it says, and what a positive one. */
    private const SIDES = [
        'subject from its place' => ['too dark', 'too bright'],
        'subject placement' => ['too dark', 'too bright'],
        'subject' => ['too dark', 'too bright'],
        'compensation needed' => ['too bright', 'too dark'],
        'exposure compensation' => ['turned down', 'turned up'],
        'tilt' => ['falling to the left', 'falling to the right'],
    ];

    /**
     * @param  Collection<int, Finding>  $found
     * @return string "3 too dark, 2 too bright"; empty where it has no side
     */
    public static function of(Collection $found): string
    {
        $sides = [];
        foreach ($found as $finding) {
            $evidence = $finding->evidence[0] ?? null;
            $side = $evidence === null ? null : self::side($evidence);
            if ($side !== null) {
                $sides[] = $side;
            }
        }

        return Sides::inWords($sides);
    }

    private static function side(Evidence $evidence): ?string
    {
        $sides = self::SIDES[$evidence->name] ?? null;

        return $sides === null || ! is_float($evidence->value) || $evidence->value === 0.0
            ? null
            : $sides[$evidence->value < 0 ? 0 : 1];
    }
}
