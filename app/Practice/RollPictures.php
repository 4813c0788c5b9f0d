<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\FileStore;
use App\Models\RollFrame;
use App\Models\RollState;
use App\Models\ShotQuality;

/** The files of frames on people's rolls. */
final readonly class RollPictures
{
    private const FOLDER = 'roll';

    public function __construct(private FileStore $files)
    {
    }

    /** Where its JPEG, or its raw file, can be read; nothing lies there where there is none. */
    public function path(RollFrame $frame, bool $isRaw = false): string
    {
        return $this->files->path(self::key($frame, $isRaw));
    }

    /**
     * Where its files can be read, each under the name that it has for a person.
     *
     * @return array<string, string> by name
     */
    public function written(RollFrame $frame): array
    {
        $files = [];
        foreach (self::kinds($frame) as $isRaw) {
            // A camera that is set to raw alone keeps its JPEG to show it.
            if ($isRaw || $frame->quality() !== ShotQuality::Raw) {
                $files[$frame->nameOf($isRaw)] = $this->path($frame, $isRaw);
            }
        }

        return $files;
    }

    public function isThere(RollFrame $frame): bool
    {
        return $frame->state === RollState::Ready && $this->files->has(self::key($frame));
    }

    /** Puts a file of it in, which stays where it came from as well. */
    public function put(RollFrame $frame, string $path, bool $isRaw = false): void
    {
        $this->files->put(self::key($frame, $isRaw), $path);
    }

    public function forget(RollFrame $frame): void
    {
        foreach (self::kinds($frame) as $isRaw) {
            $this->files->delete(self::key($frame, $isRaw));
        }
    }

    /** Everything of a person. */
    public function forgetPerson(int $user): void
    {
        $this->files->deleteFolder(self::FOLDER.'/'.$user);
    }

    /**
     * Files that belong to no frame.
     *
     * @return int how many went
     */
    public function sweep(): int
    {
        $gone = $this->files->sweepHalfWritten(self::FOLDER);
        foreach ($this->files->files(self::FOLDER) as $key => ['time' => $time]) {
            $isKnown = RollFrame::withTrashed()->where('token', pathinfo($key, PATHINFO_FILENAME))->exists();
            if (! $isKnown && $time < time() - 600) {
                $this->files->delete($key);
                $gone++;
            }
        }

        return $gone;
    }

    /** @return array<string, bool> whether it is the raw file, by key in a backup */
    public static function backupKeys(RollFrame $frame): array
    {
        $keys = [];
        foreach (self::kinds($frame) as $isRaw) {
            $keys['files/'.self::key($frame, $isRaw)] = $isRaw;
        }

        return $keys;
    }

    /** @param  string  $key  as backupKeys() gives it */
    public function bringBack(string $key, string $path): void
    {
        $this->files->put(substr($key, strlen('files/')), $path);
    }

    /** @return list<bool> the JPEG, and the raw file where there is one */
    private static function kinds(RollFrame $frame): array
    {
        return $frame->quality()->hasRaw() ? [false, true] : [false];
    }

    private static function key(RollFrame $frame, bool $isRaw = false): string
    {
        return self::FOLDER.'/'.$frame->user_id.'/'.$frame->token.($isRaw ? '.dng' : '.jpg');
    }
}
