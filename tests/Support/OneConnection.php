<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\DB;

/** RefreshDatabase works in a transaction that only the default connection sees: what asks the primary asks that. */
trait OneConnection
{
    protected function setUpOneConnection(): void
    {
        DB::purge('primary');
        app('db')->extend('primary', fn () => DB::connection('mariadb'));
    }
}
