<?php

declare(strict_types=1);

namespace App\Retention;

use App\HandIn\PictureStore;
use App\HandIn\UnusedPictures;
use App\HandIn\WorkingCopies;
use Illuminate\Support\Facades\File;

/** Takes away what lies on one node alone: on every node, every hour. */
final readonly class NodeCleaning
{
    /** Folders of scratch/ that keep their own measure. */
    private const CACHES = ['kept', 'readings', 'cuts', 'wholes', 'made', 'near'];

    public function __construct(private PictureStore $store, private WorkingCopies $copies)
    {
    }

    /** @return int how many files went */
    public function run(): int
    {
        return $this->copies->sweep(UnusedPictures::known(...)) +
            $this->store->sweepNear(UnusedPictures::known(...)) +
            $this->scratch();
    }

    /** What a program that was killed has left. */
    private function scratch(): int
    {
        $gone = 0;
        foreach (File::glob(storage_path('scratch/*')) as $path) {
            if (! in_array(basename($path), self::CACHES, true) && (int) @filemtime($path) < time() - 86400) {
                is_dir($path) ? File::deleteDirectory($path) : File::delete($path);
                $gone++;
            }
        }

        return $gone;
    }
}
