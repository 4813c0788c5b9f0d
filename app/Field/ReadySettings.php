<?php

declare(strict_types=1);

namespace App\Field;

use App\Models\SavedPlan;
use App\Models\SetBrief;
use App\Models\SettingsBank;
use App\Models\User;

/** Settings that somebody has ready: taken in the plan, or stored in banks. */
final class ReadySettings
{
    /** @return list<string> each in one line, to take over */
    public static function of(SetBrief $setBrief, User $user): array
    {
        $planned = SavedPlan::forNext($setBrief, $user)->chosen;
        $banks = SettingsBank::query()->where('user_id', $user->id)->orderBy('id')->get()->map(
            fn (SettingsBank $bank): string => sprintf(
                '%s%s: %s',
                $bank->content()->name,
                $bank->content()->body->slot === '' ? '' : ' ('.$bank->content()->body->slot.')',
                $bank->content()->inOneLine(),
            ),
        );

        return [
            ...$planned === null ? [] : [sprintf('as planned: %s', $planned->exposure->settings)],
            ...array_values($banks->all()),
        ];
    }
}
