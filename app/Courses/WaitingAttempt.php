<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\AttemptState;
use Illuminate\Support\Carbon;
use TruePupil\Core\Checks\Verdict;

/** An attempt in a list of the desk. */
final readonly class WaitingAttempt
{
    /**
     * @param  Carbon  $since  when it was handed in
     * @param  bool  $isLate  whether that was after its student's date
     * @param  bool  $hasAnswer  whether its student has answered the return
     */
    public function __construct(
        public int $attempt,
        public int $number,
        public string $student,
        public BriefCount $brief,
        public AttemptState $state,
        public Carbon $since,
        public bool $isLate,
        public bool $hasAnswer,
        public AttemptFacts $facts,
    ) {
    }

    /**
     * The check that most of several attempts at one brief missed.
     *
     * @param  list<self>  $attempts
     * @return ?array{sentence: string, missed: int, of: int} null where no check was missed by two, and by half of them
     */
    public static function mostMissed(array $attempts): ?array
    {
        [$missed, $sentences] = [[], []];
        foreach ($attempts as $one) {
            foreach (array_keys($one->facts->checks->verdicts, Verdict::Missed, true) as $check) {
                $missed[$check] = ($missed[$check] ?? 0) + 1;
                $sentences[$check] = $one->facts->checks->sentences[$check];
            }
        }
        arsort($missed);
        $check = array_key_first($missed);
        if ($check === null || $missed[$check] < 2 || 2 * $missed[$check] < count($attempts)) {
            return null;
        }

        return ['sentence' => $sentences[$check], 'missed' => $missed[$check], 'of' => count($attempts)];
    }
}
