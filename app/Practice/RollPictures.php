<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\FileStore;
use App\Models\RollFrame;
use App\Models\RollState;

/** The files of frames on people's rolls. */
final readonly class RollPictures
{
    private const FOLDER = 'roll';

    public function __construct(private FileStore $files)
    {
    }

    /** Where the file can be read; nothing lies there where there is none. */
    public function path(RollFrame $frame): string
    {
        return $this->files->path(self::key($frame));
    }

    public function isThere(RollFrame $frame): bool
    {
        return $frame->state === RollState::Ready && $this->files->has(self::key($frame));
    }

    /** Puts its file in, which stays where it came from as well. */
    public function put(RollFrame $frame, string $path): void
    {
        $this->files->put(self::key($frame), $path);
    }

    public function forget(RollFrame $frame): void
    {
        $this->files->delete(self::key($frame));
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
            $isKnown = RollFrame::withTrashed()->where('token', basename($key, '.jpg'))->exists();
            if (! $isKnown && $time < time() - 600) {
                $this->files->delete($key);
                $gone++;
            }
        }

        return $gone;
    }

    public static function backupKey(RollFrame $frame): string
    {
        return 'files/'.self::key($frame);
    }

    /** @param  string  $key  as backupKey() gives it */
    public function bringBack(string $key, string $path): void
    {
        $this->files->put(substr($key, strlen('files/')), $path);
    }

    private static function key(RollFrame $frame): string
    {
        return self::FOLDER.'/'.$frame->user_id.'/'.$frame->token.'.jpg';
    }
}
