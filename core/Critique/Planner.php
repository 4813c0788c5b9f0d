<?php

declare(strict_types=1);

namespace TruePupil\Core\Critique;

use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;

/**
 * What of all that was noticed is said at once: three sentences at most, one of them praise where there is any, by what
 * each weighs on this picture. What is too small or too doubtful is kept for whoever asks for more.
 */
final class Planner
{
    /** Sentences that somebody takes home from one picture. */
    public const SENTENCES = 3;

    /** Under this weight a finding is no reason to speak: a choice in composition that is as likely wrong as right. */
    public const MARK = 0.3;

    /** What praise is about that says most of why a picture works, first. */
    private const PRAISED_FIRST = [
        Topic::Focus, Topic::Movement, Topic::People, Topic::Composition, Topic::Depth, Topic::Plan, Topic::Series,
        Topic::Mode, Topic::Exposure, Topic::Flash, Topic::Lens, Topic::Film, Topic::Colour, Topic::Tone,
        Topic::Noise, Topic::File,
    ];

    /**
     * @template T
     *
     * @param  list<T>  $all  in any order
     * @param  callable(T): Finding  $found
     * @param  ?list<string>  $asked
     *   ids of what speaks of checks that were missed or close: it comes first, and what nobody asked about is for
     *   whoever wants more, unless it is grave; null where there is no brief with checks
     * @return array{list<T>, list<T>} what is said, praise last, and the rest
     */
    public static function of(array $all, callable $found, ?array $asked = null): array
    {
        usort($all, fn (mixed $a, mixed $b): int => $found($a)->order() <=> $found($b)->order());
        $isPraise = fn (mixed $one): bool => $found($one)->severity === Severity::Praise;
        $praised = array_values(array_filter($all, $isPraise));
        $rank = fn (mixed $one): int => (int) array_search($found($one)->topic, self::PRAISED_FIRST, true);
        usort($praised, fn (mixed $a, mixed $b): int => $rank($a) <=> $rank($b));
        $isAsked = fn (mixed $one): bool => $asked !== null && AskedFor::isAbout($found($one), $asked);
        $wanted = array_values(array_filter($all, fn (mixed $one): bool => ! $isPraise($one) && $isAsked($one)));
        $others = array_values(array_filter(
            $all,
            fn (mixed $one): bool => ! $isPraise($one) && ! $isAsked($one) && $found($one)->weight() >= self::MARK &&
                ($asked === null || $found($one)->severity === Severity::Fault),
        ));
        // What was asked and missed is not left out for a compliment.
        $praise = array_slice($praised, 0, count($wanted) >= self::SENTENCES ? 0 : 1);
        $said = [...array_slice([...$wanted, ...$others], 0, self::SENTENCES - count($praise)), ...$praise];

        return [$said, array_values(array_filter($all, fn (mixed $one): bool => ! in_array($one, $said, true)))];
    }
}
