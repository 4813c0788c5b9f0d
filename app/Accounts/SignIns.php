<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use stdClass;

/** When a person signed in, from what kind of device and out of which network. */
final class SignIns
{
    /** So many are shown. */
    private const SHOWN = 10;

    public static function note(User $user, Request $request, string $way): void
    {
        DB::table('sign_ins')->insert([
            'user_id' => $user->id,
            'device' => Devices::words((string) $request->userAgent()),
            'way' => $way,
            'from' => AccountLog::from($request),
            'created_at' => now(),
            'updated_at' => now(),
        ]);
        AccountLog::note('Signed in', $user->id, $request);
    }

    /** @return list<array{device: string, way: string, from: string, at: Carbon}> the latest first */
    public static function of(User $user): array
    {
        return array_values(
            DB::table('sign_ins')->where('user_id', $user->id)->orderByDesc('id')->limit(self::SHOWN)->get()
                ->map(fn (stdClass $one): array => [
                    'device' => (string) $one->device,
                    'way' => (string) $one->way,
                    'from' => (string) $one->from,
                    'at' => Carbon::parse($one->created_at),
                ])
                ->all(),
        );
    }
}
