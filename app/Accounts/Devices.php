<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use stdClass;

/** Where somebody is signed in. */
final class Devices
{
    /** Where a session has the generation that it was begun with; every request compares it. */
    public const GENERATION = 'generation';

    /** A cookie of a device that was in an account before: whose, by a sum of the address. */
    public const KNOWN = 'known';

    /** Minutes for which a device stays known: half a year. */
    public const KNOWN_MINUTES = 60 * 24 * 182;

    public static function mark(mixed $address): string
    {
        return sha1(Address::of($address));
    }

    /** @return list<array{words: string, seen: Carbon, isThis: bool}> the latest first */
    public static function of(User $user, string $session): array
    {
        return array_values(
            DB::table('sessions')
                ->where('user_id', $user->id)
                ->orderByDesc('last_activity')
                ->get()
                ->map(
                    fn (stdClass $one): array => [
                        'words' => self::words((string) $one->user_agent),
                        'seen' => Carbon::createFromTimestamp($one->last_activity),
                        'isThis' => $one->id === $session,
                    ],
                )
                ->all(),
        );
    }

    /** Everywhere, but in one session if one is given; also where the browser was told to remember. */
    public static function signOutAll(User $user, ?Session $but = null): void
    {
        DB::table('sessions')->where('user_id', $user->id)->where('id', '!=', (string) $but?->getId())->delete();
        $user->setRememberToken(Str::random(60));
        $user->forceFill(['generation' => $user->generation + 1])->save();
    }

    /** Everywhere but in this session. */
    public static function signOutOthers(User $user, Session $here): void
    {
        self::signOutAll($user, $here);
        $here->put(self::GENERATION, $user->generation);
    }

    public static function words(string $agent): string
    {
        $system = match (true) {
            str_contains($agent, 'iPhone') => 'a phone (iOS)',
            str_contains($agent, 'iPad') => 'a tablet (iOS)',
            str_contains($agent, 'Android') && str_contains($agent, 'Mobile') => 'a phone (Android)',
            str_contains($agent, 'Android') => 'a tablet (Android)',
            str_contains($agent, 'Windows') => 'a computer (Windows)',
            str_contains($agent, 'Macintosh') => 'a computer (macOS)',
            str_contains($agent, 'Linux') => 'a computer (Linux)',
            default => 'a device that does not say what it is',
        };
        $browser = match (true) {
            str_contains($agent, 'Firefox/') => 'Firefox',
            str_contains($agent, 'Edg/') => 'Edge',
            str_contains($agent, 'Chrome/') => 'Chrome or Chromium',
            str_contains($agent, 'Safari/') => 'Safari',
            default => null,
        };

        return $browser === null ? $system : $browser.' on '.$system;
    }
}
