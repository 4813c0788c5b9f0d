<?php

declare(strict_types=1);

namespace App\Watch;

use Illuminate\Support\Facades\File;

/**
 * Whether the database is held to be away: after a failure everybody is told at once for some seconds, and then one
 * request finds out whether it is back. Without it each request would wait for itself, in one of a few processes. It is
 * known by a file, since that needs nothing which may be away.
 */
final class DatabaseCircuit
{
    /** Seconds for which nobody asks again. */
    public const PAUSE = 5;

    /** Whether this process is the one that finds out. */
    private static bool $finds = false;

    /** Whether this request is answered without asking the database; where it may ask, others wait for it. */
    public static function isOpen(): bool
    {
        clearstatcache(true, self::path());
        $since = @filemtime(self::path());
        if ($since === false) {
            return false;
        }
        if (time() - $since < self::PAUSE) {
            return true;
        }
        @touch(self::path());
        self::$finds = true;

        return false;
    }

    /** Whether nobody but whoever finds out may ask the database now. */
    public static function isShut(): bool
    {
        clearstatcache(true, self::path());
        $since = self::$finds ? false : @filemtime(self::path());

        return $since !== false && time() - $since < self::PAUSE;
    }

    public static function open(): void
    {
        self::$finds = false;
        // A disk that is full as well is no reason to fail once more.
        @File::ensureDirectoryExists(dirname(self::path()));
        @touch(self::path());
    }

    public static function close(): void
    {
        self::$finds = false;
        @unlink(self::path());
    }

    public static function isKnown(): bool
    {
        return is_file(self::path());
    }

    private static function path(): string
    {
        return storage_path('framework/database-away');
    }
}
