<?php

declare(strict_types=1);

namespace App\Console;

use Symfony\Component\Finder\Finder;

/**
 * A command that root runs in a folder of somebody else's leaves nothing behind that its owner cannot change: what it
 * wrote is handed over when it ends.
 */
final class OwnedFiles
{
    /** @param  string  $folder  of what is stored; its owner is whom everything in it belongs to */
    public static function handBack(string $folder): void
    {
        $owner = is_dir($folder) ? fileowner($folder) : 0;
        if (posix_geteuid() !== 0 || ! is_int($owner) || $owner === 0) {
            return;
        }
        foreach (Finder::create()->in($folder)->ignoreDotFiles(false)->ignoreUnreadableDirs() as $file) {
            if (! $file->isLink() && @fileowner($file->getPathname()) === 0) {
                @chown($file->getPathname(), $owner);
                @chgrp($file->getPathname(), (int) filegroup($folder));
            }
        }
    }
}
