<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Attempt;
use App\Models\User;
use Illuminate\Support\Facades\Cache;

/** Who has an attempt before them on the desk at this moment, so that two do not decide on it without knowing. */
final class DeskPresence
{
    /** Seconds between two signs of somebody who is there. */
    public const EVERY = 15;

    /** Seconds after the last sign until somebody counts as gone. */
    public const GONE = 40;

    /** @return list<string> the names of the others */
    public function sign(Attempt $attempt, User $user): array
    {
        return Cache::lock('desk-'.$attempt->id, 5)->block(3, function () use ($attempt, $user): array {
            $key = 'desk-presence-'.$attempt->id;
            $now = now()->getTimestamp();
            /** @var array<int, array{name: string, at: int}> $there */
            $there = array_filter(
                (array) Cache::get($key, []),
                fn (array $one): bool => $one['at'] > $now - self::GONE,
            );
            $there[$user->id] = ['name' => $user->name, 'at' => $now];
            Cache::put($key, $there, self::GONE);
            unset($there[$user->id]);

            return array_column($there, 'name');
        });
    }
}
