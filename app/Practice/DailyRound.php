<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\DrillAnswer;
use App\Models\User;
use Illuminate\Support\Carbon;

/** Five drills a day: how many of them somebody has answered since midnight where they are. */
final readonly class DailyRound
{
    public const LENGTH = 5;

    /** @param  list<bool>  $answers  of today in order, whether each was right; more than five where one went on */
    private function __construct(public array $answers)
    {
    }

    public static function of(User $user): self
    {
        $midnight = Carbon::now($user->timezone ?? 'UTC')->startOfDay()->utc();

        return new self(
            array_values(
                DrillAnswer::query()
                    ->where('user_id', $user->id)
                    ->where('created_at', '>=', $midnight)
                    ->orderBy('id')
                    ->pluck('is_right')
                    ->map(fn (mixed $isRight): bool => (bool) $isRight)
                    ->all(),
            ),
        );
    }

    public function done(): int
    {
        return min(self::LENGTH, count($this->answers));
    }

    public function isOver(): bool
    {
        return count($this->answers) >= self::LENGTH;
    }

    /** How many of the round were right. */
    public function right(): int
    {
        return count(array_filter(array_slice($this->answers, 0, self::LENGTH)));
    }

    /** @return list<?bool> one for each of the five: right, wrong, or still to come */
    public function marks(): array
    {
        return array_map(fn (int $at): ?bool => $this->answers[$at] ?? null, range(0, self::LENGTH - 1));
    }
}
