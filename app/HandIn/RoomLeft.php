<?php

declare(strict_types=1);

namespace App\HandIn;

use Symfony\Component\HttpFoundation\File\Exception\UploadException;

/**
 * Pictures are taken only while the disk keeps room for everything else afterwards: for the database, sessions and what
 * is being written. So a full disk turns pictures away in words of ours, and people go on signing in and writing.
 */
final class RoomLeft
{
    /**
     * @param  int  $bytes  that are to be written
     *
     * @throws UploadException when there is no room for them
     */
    public static function for(int $bytes): void
    {
        $free = @disk_free_space(storage_path());
        if ($free !== false && $free - $bytes < 1_000_000 * (int) config('pupil.quota.reserve_megabytes')) {
            throw new UploadException('The disk keeps no room for it.');
        }
    }
}
