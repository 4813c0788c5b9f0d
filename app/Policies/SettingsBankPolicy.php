<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\SettingsBank;
use App\Models\User;

/** A bank is its owner's. */
final class SettingsBankPolicy
{
    public function own(User $user, SettingsBank $bank): bool
    {
        return $bank->user_id === $user->id;
    }
}
