<?php

declare(strict_types=1);

namespace App\Watch;

use Illuminate\Support\Facades\DB;

/** When something that should happen again and again has happened last. */
final class ServiceEvent
{
    public const SCHEDULER = 'scheduler';

    public const BACKUP = 'backup';

    public static function happened(string $name): void
    {
        DB::table('service_events')->upsert(['name' => $name, 'at' => DB::raw('utc_timestamp()')], ['name']);
    }

    /** @return ?int seconds ago; null: never */
    public static function age(string $name): ?int
    {
        $seconds = DB::connection('primary')
            ->table('service_events')
            ->where('name', $name)
            ->selectRaw('timestampdiff(second, at, utc_timestamp()) as age')
            ->value('age');

        return $seconds === null ? null : (int) $seconds;
    }
}
