<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Letterbox\Letterbox;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\PasswordWay;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * What an instructor's word is worth for an account. It belongs to its person: who teaches one of their courses lets
 * nobody into the others, nor into what was not handed in.
 */
final class VouchForAccount
{
    /** What a person has beside the courses, by table. */
    private const OWN = [
        'plans', 'day_sheets', 'film_rolls', 'roll_frames', 'revisits', 'settings_banks', 'own_briefs',
        'phrases',
    ];

    public static function way(User $user, User $instructor): PasswordWay
    {
        return match (true) {
            $user->email_verified_at !== null && Letterbox::mailArrives() => PasswordWay::Mail,
            $user->email_verified_at === null && self::isInHandsOf($user, $instructor) => PasswordWay::Link,
            default => PasswordWay::Session,
        };
    }

    private static function isInHandsOf(User $user, User $instructor): bool
    {
        $taught = $instructor->memberships()->where('role', Role::Instructor)->pluck('course_id')->all();

        return ! $user->is_operator
            && ! $user->memberships()
                ->where(fn (Builder $any): Builder => $any->where('role', '!=', Role::Student)
                    ->orWhereNotIn('course_id', $taught))
                ->exists()
            && ! Attempt::query()
                ->where('user_id', $user->id)
                ->where(fn (Builder $any): Builder => $any->where('state', AttemptState::Draft)
                    ->orWhereHas('setBrief', fn (Builder $set): Builder => $set->whereNotIn('course_id', $taught)))
                ->exists()
            && array_filter(
                self::OWN,
                fn (string $table): bool => DB::table($table)->where('user_id', $user->id)->exists(),
            ) === [];
    }
}
