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
     * The level for the next new question of a kind.
     *
     * @param  list<array{level: int, isRight: bool}>  $answers  latest first
     */
    public static function level(array $answers): int
    {
        $level = $answers[0]['level'] ?? 1;
        $run = array_slice($answers, 0, self::RIGHT_FOR_NEXT_LEVEL);
        if (
            count($run) === self::RIGHT_FOR_NEXT_LEVEL &&
            array_filter($run, fn (array $answer): bool => ! $answer['isRight'] || $answer['level'] !== $level) === []
        ) {
            return min(self::HARDEST, $level + 1);
        }
        // Two misses in a row: one step back.
        $two = array_slice($answers, 0, 2);

        return count($two) === 2 && array_filter($two, fn (array $answer): bool => $answer['isRight']) === []
            ? max(1, $level - 1)
            : $level;
    }
}
