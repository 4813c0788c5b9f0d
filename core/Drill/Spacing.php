<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

/**
 * When a missed question comes back: soon, then after ever longer pauses while it is answered right, until it is known.
 * Each right answer moves it one box on; a wrong one moves it back to the first.
 */
final class Spacing
{
    /** Minutes until it is asked again, by box: ten minutes, a day, three days, a week, three weeks. */
    private const MINUTES = [10, 1440, 3 * 1440, 7 * 1440, 21 * 1440];

    /** Right answers in a row after which a kind gets harder. */
    private const RIGHT_FOR_NEXT_LEVEL = 3;

    /** Missed answers in a row after which it gets easier. */
    private const MISSES_FOR_LEVEL_BEFORE = 2;

    public const HARDEST = 5;

    /**
     * @param  ?int  $box  null for a question that was never missed
     * @return ?array{box: int, minutes: int} null when it need not come back
     */
    public static function next(?int $box, bool $isRight): ?array
    {
        $next = $isRight ? ($box === null ? null : $box + 1) : 0;

        return $next === null || $next >= count(self::MINUTES)
            ? null
            : ['box' => $next, 'minutes' => self::MINUTES[$next]];
    }

    /**
     * The level for the next new question of a kind. Only answers at the level where somebody stands move it: a
     * question that comes back from an easier level does not lower it, and one from a harder level does not raise it.
     *
     * @param  list<array{level: int, isRight: bool}>  $answers  latest first
     */
    public static function level(array $answers): int
    {
        $inOrder = array_reverse($answers);
        $level = $inOrder[0]['level'] ?? 1;
        [$right, $missed, $above] = [0, 0, 0];
        foreach ($inOrder as $answer) {
            // Where the answers begin in the middle, two in a row from a harder level tell where somebody stands.
            $above = $answer['level'] > $level ? $above + 1 : 0;
            if ($above >= self::MISSES_FOR_LEVEL_BEFORE) {
                [$level, $right, $missed, $above] = [$answer['level'], 0, 0, 0];
            }
            if ($answer['level'] !== $level) {
                continue;
            }
            [$right, $missed] = $answer['isRight'] ? [$right + 1, 0] : [0, $missed + 1];
            if ($right >= self::RIGHT_FOR_NEXT_LEVEL || $missed >= self::MISSES_FOR_LEVEL_BEFORE) {
                $level = max(1, min(self::HARDEST, $level + ($right > 0 ? 1 : -1)));
                [$right, $missed] = [0, 0];
            }
        }

        return $level;
    }
}
