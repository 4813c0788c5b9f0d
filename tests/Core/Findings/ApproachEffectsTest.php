<?php

declare(strict_types=1);

namespace Tests\Core\Findings;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Rules;
use Tests\Core\Situations;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Situation\Situation;

/** Every answer of an approach changes something that is said. */
final class ApproachEffectsTest extends TestCase
{
    /**
     * @param  callable(Approach): Situation  $frame
     * @param  callable(list<Finding>): mixed  $said
     */
    #[DataProvider('questions')]
    public function test_answers_are_heard(string $question, string $one, string $other, callable $frame,
        callable $said): void
    {
        $of = fn (string $answer): mixed => $said(
            Rules::critic()->judge($frame(Approach::fromArray([$question => $answer]))),
        );

        $this->assertNotEquals($of($one), $of($other));
    }

    /** @return iterable<string, array{string, string, string, callable, callable}> */
    public static function questions(): iterable
    {
        $severity = fn (string $id): callable => fn (array $findings): ?string => array_column(
            array_map(fn (Finding $finding): array => [$finding->id, $finding->severity->value], $findings),
            1,
            0,
        )[$id] ?? null;
        yield 'highlights or shadows, lost' => [
            'protects',
            'highlights',
            'shadows',
            fn (Approach $approach): Situation => Situations::make(lostPct: 10, approach: $approach),
            $severity('tone.lost-highlights-subject'),
        ];
        yield 'highlights or shadows, blocked' => [
            'protects',
            'highlights',
            'shadows',
            fn (Approach $approach): Situation => Situations::make(blockedPct: 30, approach: $approach),
            $severity('tone.blocked-shadows-subject'),
        ];
        yield 'for the look or to the right' => [
            'exposing',
            'for-the-look',
            'to-the-right',
            fn (Approach $approach): Situation => Situations::make(
                subject: null,
                wanted: null,
                frame: Situations::tones([118 => 100]),
                approach: $approach,
            ),
            $severity('exposure.headroom-unused'),
        ];
        yield 'film at the box or generously' => [
            'filmRating',
            'box',
            'generous',
            fn (Approach $approach): Situation => Situations::make(
                iso: 200,
                kit: Situations::kit(more: ['film' => ['name' => 'a film', 'boxSpeed' => 400]]),
                approach: $approach,
            ),
            $severity('film.exposure-index'),
        ];
        yield 'hands, strictly or easily' => [
            'handHeld',
            'strict',
            'easy',
            fn (Approach $approach): Situation => Situations::make(t: 1 / 50, approach: $approach),
            $severity('movement.hand-held-too-long'),
        ];
        yield 'automatic ISO' => [
            'iso',
            'by-hand',
            'automatic',
            fn (Approach $approach): Situation => Situations::make(
                mode: ExposureMode::ManualAutoIso,
                approach: $approach,
            ),
            $severity('mode.automatic-iso-hides-meter'),
        ];
        yield 'manual first' => [
            'start',
            'manual',
            'automatic-first',
            fn (Approach $approach): Situation => Situations::make(mode: ExposureMode::Auto, approach: $approach),
            $severity('mode.decision-left-to-camera'),
        ];
    }

    public function test_suggestions_obey_how_hands_are_judged(): void
    {
        $longest = fn (string $rule): float => max(
            array_map(
                fn ($suggestion): float => $suggestion->exposure->settings->time->exact,
                KitAdviser::advise(
                    new AdviceRequest(
                        Ev100::of(3),
                        Situations::kit(more: ['supports' => ['hand']]),
                        new Intent(focalLength35: 50),
                        Approach::fromArray(['handHeld' => $rule]),
                    ),
                )->suggestions,
            ),
        );

        $this->assertLessThanOrEqual(1 / 100, $longest('strict'));
        $this->assertGreaterThan(1 / 50, $longest('easy'));
    }
}
