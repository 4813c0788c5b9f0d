<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Picture;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

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

        return ['pictures' => $pictures, 'files' => $this->sweepFiles() + $this->store->sweepHalfWritten()];
    }

    /** Files of no picture; one that is just arriving has its file before its row. */
    private function sweepFiles(): int
    {
        $gone = 0;
        $left = [];
        foreach ($this->store->files() as $key => ['hash' => $hash, 'time' => $time]) {
            if ($time < time() - 600) {
                $left[$key] = $hash;
            }
            if (count($left) >= 500) {
                $gone += $this->deleteUnknown($left);
                $left = [];
            }
        }

        return $gone + $this->deleteUnknown($left);
    }

    /** @param  array<string, string>  $hashes  by key */
    private function deleteUnknown(array $hashes): int
    {
        $unknown = array_diff($hashes, self::known(array_values($hashes)));
        $this->store->deleteFiles(...array_keys($unknown));
        array_map($this->copies->forget(...), array_unique($unknown));

        return count($unknown);
    }

    /**
     * Those of these hashes that a picture has.
     *
     * @param  list<string>  $hashes
     * @return array<string>
     */
    public static function known(array $hashes): array
    {
        return Picture::query()->useWritePdo()->whereIn('hash', $hashes)->pluck('hash')->all();
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
