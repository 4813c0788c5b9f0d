<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

/**
 * Where a reason in plain words and what was tapped for movement do not go together. Words are no proof: it is asked,
 * and nothing is decided by it.
 */
final class SaidOtherwise
{
    /** A lake may be frozen and a morning misty: only what is said of movement. */
    private const FROZEN = '/\b(stands? still|standing still|freez(e|es|ing) the|frozen (drops?|splash)|mid-air|'.
        'every drop|hangs? in the air)\b/i';

    private const FLOWING = '/\b(as silk|like silk|silky|streaks?|streaked|(light|star) trails?|motion blur|'.
        'smooth water|soft water)\b/i';

    /** Said before such a word, it takes it back: "no streaks". */
    private const NOT = '/\b(no|not|never|without|instead of|rather than)\s+(\w+\s+){0,2}$/i';

    /** A question for the student; null where nothing contradicts. */
    public static function question(string $reason, ?Movement $movement): ?string
    {
        $look = $movement?->want;
        [$words, $means] = match ($look) {
            MovementLook::Silk, MovementLook::Streak => [self::FROZEN, 'stand still'],
            MovementLook::Freeze, MovementLook::Acceptable => [self::FLOWING, 'flow or streak'],
            default => [null, ''],
        };
        if ($words === null || preg_match($words, $reason, $found, PREG_OFFSET_CAPTURE) !== 1) {
            return null;
        }
        [$word, $at] = $found[0];

        return preg_match(self::NOT, substr($reason, 0, $at)) === 1 ? null : sprintf(
            'You write “%s”, and tapped %s. Should it %s, or not? It is judged by what you tapped.',
            $word,
            $look?->label() ?? '',
            $means,
        );
    }
}
