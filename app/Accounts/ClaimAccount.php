<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use SensitiveParameter;

/**
 * Makes an account that came with a course somebody's: with an address and a password of its own, or by bringing what
 * is in it into an account that they have here.
 */
final class ClaimAccount
{
    /** Tables that point at people, with the columns that may not be twice the same for one person. */
    private const POINTING = [
        'memberships' => ['user_id', 'course_id'],
        'attempts' => ['user_id', 'set_brief_id', 'number'],
        'plans' => ['user_id', 'set_brief_id', 'number'],
        'day_sheets' => ['user_id', 'set_brief_id'],
        'film_rolls' => ['user_id'],
        'revisits' => ['user_id', 'frame_id'],
        'notes' => ['author_id'],
        'what_ifs' => ['author_id'],
        'findings' => ['decided_by'],
        'summary_versions' => ['user_id'],
        'silenced_findings' => ['user_id'],
        'own_briefs' => ['user_id', 'brief_id', 'revision'],
        'settings_banks' => ['user_id'],
        'phrases' => ['user_id'],
        'drill_answers' => ['user_id'],
        'drill_returns' => ['user_id', 'kind', 'level', 'seed', 'scene'],
    ];

    public static function asNew(
        User $unclaimed,
        string $name,
        string $address,
        #[SensitiveParameter] string $password,
    ): void {
        $unclaimed->update([
            'name' => $name,
            'email' => Address::of($address),
            'password' => $password,
            'invited_email' => null,
        ]);
        NewAccount::askToConfirm($unclaimed);
    }

    public static function into(User $unclaimed, User $own): void
    {
        DB::transaction(function () use ($unclaimed, $own): void {
            foreach (self::POINTING as $table => $columns) {
                $person = $columns[0];
                // What both have stays as it is in the account that is kept.
                $mine = DB::table($table)->where($person, $own->id);
                foreach (DB::table($table)->where($person, $unclaimed->id)->get() as $row) {
                    $same = $mine->clone();
                    foreach (array_slice($columns, 1) as $column) {
                        $same->where($column, $row->{$column});
                    }
                    if (count($columns) === 1 || ! $same->exists()) {
                        DB::table($table)->where('id', $row->id)->update([$person => $own->id]);
                    }
                }
            }
            $unclaimed->delete();
        });
    }
}
