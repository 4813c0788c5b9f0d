<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\FileStore;
use App\Models\SetBrief;
use App\Models\User;
use Symfony\Component\HttpFoundation\File\Exception\UploadException;

/**
 * Files on their way, so that a dropped connection costs one piece and not the whole file. A file is known by who sends
 * it, for which brief, and by its name, size and date: chosen again, even on another day, it goes on where it stopped.
 */
final readonly class UploadPieces
{
    private const FOLDER = 'uploads';

    /** What was begun and left is kept for so long. */
    private const KEPT_SECONDS = 86400;

    /** So many files may be under way at once for one person. */
    private const MOST = 60;

    public function __construct(private FileStore $files)
    {
    }

    /**
     * @throws HandInRefused when too much is under way
     * @throws UploadException when the disk has no room for it
     */
    public function of(User $user, SetBrief $setBrief, string $name, int $size, int $modified): PartialUpload
    {
        $id = hash('xxh128', implode("\n", [$setBrief->id, $name, $size, $modified]));
        $upload = new PartialUpload($this->files, self::FOLDER.'/'.$user->id.'/'.$id, $size);
        if ($upload->received() === 0) {
            RoomLeft::for($size);
            $this->makeRoom($user, $size);
        }

        return $upload;
    }

    /**
     * What was begun by anybody and left for a day.
     *
     * @return int how many files went
     */
    public function sweep(): int
    {
        $last = [];
        foreach ($this->files->files(self::FOLDER) as $key => ['time' => $time]) {
            $last[dirname($key)] = max($last[dirname($key)] ?? 0, $time);
        }
        $left = array_keys(array_filter($last, fn (int $time): bool => $time < time() - self::KEPT_SECONDS));
        array_map($this->files->deleteFolder(...), $left);

        return count($left) + $this->files->sweepHalfWritten(self::FOLDER);
    }

    /** Everything of a person. */
    public function forgetPerson(int $user): void
    {
        $this->files->deleteFolder(self::FOLDER.'/'.$user);
    }

    /** @throws HandInRefused when too many files or bytes are under way */
    private function makeRoom(User $user, int $size): void
    {
        [$bytes, $uploads] = [0, []];
        foreach ($this->files->files(self::FOLDER.'/'.$user->id) as $key => $facts) {
            if ($facts['time'] >= time() - self::KEPT_SECONDS) {
                $bytes += $facts['bytes'];
                $uploads[dirname($key)] = true;
            }
        }
        if (count($uploads) >= self::MOST) {
            throw HandInRefused::because(
                sprintf('%d files are under way already. Let some of them arrive first.', self::MOST),
            );
        }
        $most = (int) config('pupil.quota.upload_megabytes');
        if ($bytes + $size > $most * 1_000_000) {
            throw HandInRefused::because(
                sprintf(
                    'More than %d MB are under way already. Let some of the files arrive first; nothing was kept of '.
                        'this one.',
                    $most,
                ),
            );
        }
    }
}
