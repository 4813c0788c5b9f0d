<?php

declare(strict_types=1);

namespace App\Patterns;

use App\Models\Frame;
use App\Models\User;
use Illuminate\Support\Collection;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Checks\Verdict;

/**
 * A rule that a student seems to follow whatever a brief asks: always one ISO, one time, or wide open. It is a question
 * to be asked, and told to whoever teaches alone.
 */
final readonly class Habit
{
    /** Frames, and briefs that they are of, from which what never moves is no chance. */
    private const LEAST_FRAMES = 5;

    private const LEAST_BRIEFS = 3;

    /** Share of an f-number up to which the lens is as good as wide open. */
    private const OPEN = 1.06;

    private function __construct(
        public User $student,
        /** "ISO is 100". */
        public string $what,
        public int $frames,
        public int $briefs,
        /** Frames of these that missed something that was asked. */
        public int $missed,
    ) {
    }

    /**
     * @param  Collection<int, Frame>  $frames  of one student, with their attempts and set briefs
     * @return list<self> none where what never moved did no harm
     */
    public static function of(User $student, Collection $frames): array
    {
        $habits = [];
        foreach (self::values() as $read) {
            $told = $frames
                ->map(fn (Frame $frame): array => [$frame, $frame->record() === null ? null : $read($frame->record())])
                ->filter(fn (array $one): bool => $one[1] !== null)
                ->values();
            $briefs = $told->pluck('0.attempt.set_brief_id')->unique()->count();
            $missed = $told->filter(fn (array $one): bool => self::misses($one[0]))->count();
            $isHabit = $told->count() >= self::LEAST_FRAMES && $briefs >= self::LEAST_BRIEFS && $missed > 0 &&
                $told->pluck('1')->unique()->count() === 1;
            $what = $isHabit ? (string) ($told->first()[1] ?? '') : '';
            if ($what !== '') {
                $habits[] = new self($student, $what, $told->count(), $briefs, $missed);
            }
        }

        return $habits;
    }

    /** @return list<callable(CaptureRecord): ?string> a word for what was set; empty for what is no habit */
    private static function values(): array
    {
        return [
            fn (CaptureRecord $record): ?string => $record->exposure->iso === null
                ? null
                : sprintf('%s every time', $record->exposure->iso),
            fn (CaptureRecord $record): ?string => $record->exposure->exposureTime === null
                ? null
                : sprintf('%s every time', $record->exposure->exposureTime),
            function (CaptureRecord $record): ?string {
                [$n, $widest] = [$record->exposure->fNumber, $record->lens->widestFNumber];

                return match (true) {
                    $n === null || $widest === null => null,
                    $n->nominal() <= self::OPEN * $widest => 'the lens wide open every time',
                    default => '',
                };
            },
        ];
    }

    private static function misses(Frame $frame): bool
    {
        return array_filter(
            $frame->checks ?? [],
            fn (array $check): bool => Verdict::from($check['verdict']) === Verdict::Missed,
        ) !== [];
    }
}
