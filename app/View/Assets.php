<?php

declare(strict_types=1);

namespace App\View;

/**
 * Addresses of styles and scripts with a fingerprint of all of them, so that they can be cached for long and are
 * fetched anew when any has changed. The fingerprint is a folder of the address: what a file names beside itself has
 * it too.
 */
final class Assets
{
    private const FOLDERS = ['css', 'js', 'vendor'];

    private static ?string $fingerprint = null;

    /** @param  string  $path  from public/, such as css/true-pupil.css */
    public static function url(string $path): string
    {
        return '/assets/'.self::fingerprint().'/'.$path;
    }

    private static function fingerprint(): string
    {
        return self::$fingerprint ??= self::of(public_path());
    }

    /** Twelve hexadecimal digits of the content of every file. */
    public static function of(string $folder): string
    {
        $hash = hash_init('xxh3');
        foreach (self::FOLDERS as $name) {
            $files = glob("$folder/$name/{,*/}*.*", GLOB_BRACE) ?: [];
            foreach (array_filter($files, is_file(...)) as $file) {
                hash_update($hash, substr($file, strlen($folder)));
                hash_update_file($hash, $file);
            }
        }

        return substr(hash_final($hash), 0, 12);
    }
}
