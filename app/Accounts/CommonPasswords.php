<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Support\Facades\File;

/** Passwords that are tried first, known by the beginning of their sums (resources/passwords). */
final class CommonPasswords
{
    private const DIGITS = 10;

    private static ?string $list = null;

    public static function has(string $word): bool
    {
        self::$list ??= "\n".File::get(resource_path('passwords/common.sha1'));

        return $word !== '' && str_contains(self::$list, "\n".substr(sha1($word), 0, self::DIGITS)."\n");
    }
}
