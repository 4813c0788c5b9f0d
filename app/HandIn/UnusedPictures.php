<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Picture;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Takes a picture with its files away when no frame shows it any more. */
final readonly class UnusedPictures
{
    public function __construct(private PictureStore $store, private WorkingCopies $copies)
    {
    }

    /**
     * Those of these that nothing shows; after the transaction that took their frames away.
     *
     * @param  iterable<int>  $pictures  ids
     */
    public function forget(iterable $pictures): void
    {
        $ids = [...$pictures];
        DB::afterCommit(function () use ($ids): void {
            Picture::query()->whereKey($ids)->get()->each($this->forgetUnused(...));
        });
    }

    /**
     * All that nothing shows, as when rows went with what they belonged to.
     *
     * @return array{pictures: int, files: int} how many went: pictures, and files that belong to none
     */
    public function sweep(): array
    {
        $pictures = $files = 0;
        Picture::query()
            ->whereDoesntHave('frames')
            // A picture that is just arriving has its file before its frame.
            ->where('updated_at', '<', now()->subMinutes(10))
            ->each(function (Picture $picture) use (&$pictures): void {
                $pictures += (int) $this->forgetUnused($picture);
            });
        foreach ($this->store->files() as $hash => $paths) {
            if (
                ! Picture::query()->where('hash', $hash)->exists() &&
                ! $this->isNew($paths)
            ) {
                File::delete($paths);
                $this->copies->forget($hash);
                $files += count($paths);
            }
        }

        return ['pictures' => $pictures, 'files' => $files];
    }

    /** @param  list<string>  $paths */
    private function isNew(array $paths): bool
    {
        $times = array_map(fn (string $path): int => (int) @filemtime($path), $paths);

        return max([0, ...$times]) > time() - 600;
    }

    /** Whether it went. */
    private function forgetUnused(Picture $picture): bool
    {
        return $this->store->locked($picture->hash, function () use ($picture): bool {
            if ($picture->frames()->exists() || $this->store->isArriving($picture->hash)) {
                return false;
            }
            try {
                DB::table('pictures')->where('id', $picture->id)->delete();
            } catch (QueryException) {
                // A frame of it came in between; the database keeps what a frame points at.
                return false;
            }
            $this->store->delete($picture->hash);
            $this->copies->forget($picture->hash);

            return true;
        });
    }
}
