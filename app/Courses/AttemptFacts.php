<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\Frame;
use Illuminate\Support\Collection;
use TruePupil\Core\Checks\Verdict;

/** What is known of an attempt before it is opened. */
final readonly class AttemptFacts
{
    /** From the best to the worst, for a check that several frames of an attempt answer. */
    private const RANK = [Verdict::Met, Verdict::Unknown, Verdict::Close, Verdict::Missed];

    /**
     * @param  int  $frames  how many
     * @param  ?int  $frame  the first that can be shown
     * @param  string  $settings  of that one; empty where they are not known
     * @param  array<string, Verdict>  $verdicts  by check; the worst of several frames
     * @param  array<string, string>  $sentences  what each check asks for
     * @param  bool  $isShared  whether somebody else has handed in the same file
     * @param  bool  $hasLeft  whether its student has left the course
     */
    private function __construct(
        public int $frames,
        public ?int $frame,
        public string $settings,
        public array $verdicts,
        public array $sentences,
        public bool $isShared,
        public bool $hasLeft,
    ) {
    }

    /** @param  Collection<int, Frame>  $frames  of the attempt, in order */
    public static function of(Collection $frames, bool $isShared, bool $hasLeft): self
    {
        [$verdicts, $sentences] = [[], []];
        foreach ($frames as $frame) {
            foreach ($frame->checks ?? [] as $check) {
                $verdict = Verdict::from($check['verdict']);
                $id = (string) $check['id'];
                $worst = $verdicts[$id] ?? Verdict::Met;
                $verdicts[$id] = self::rank($verdict) > self::rank($worst) ? $verdict : $worst;
                $sentences[$id] = (string) $check['sentence'];
            }
        }
        $shown = $frames->first(fn (Frame $frame): bool => $frame->width !== null);

        return new self(
            $frames->count(),
            $shown?->id,
            (string) $shown?->record()?->settings(),
            $verdicts,
            $sentences,
            $isShared,
            $hasLeft,
        );
    }

    /** How many checks came out in one way. */
    public function count(Verdict $verdict): int
    {
        return count(array_keys($this->verdicts, $verdict, true));
    }

    private static function rank(Verdict $verdict): int
    {
        return (int) array_search($verdict, self::RANK, true);
    }
}
