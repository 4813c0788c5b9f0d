<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\OutsideProgramFailed;
use App\Imaging\PlaceRemover;
use App\Models\Frame;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Keeps a picture without the place where it was taken, unless its owner wants that to stay, and without an owner. */
final readonly class ForgetPlace
{
    public function __construct(
        private PictureStore $store,
        private PlaceRemover $places,
        private UnusedPictures $unused,
    ) {
    }

    /**
     * @return bool whether the frame now shows a file without its place
     *
     * @throws HandInRefused when the attempt has the same picture without its place already
     */
    public function of(Frame $frame, bool $place = true): bool
    {
        $picture = $frame->picture;
        $folder = storage_path('scratch/place-'.bin2hex(random_bytes(8)));
        File::ensureDirectoryExists($folder);
        $copy = $folder.'/picture';
        try {
            File::copy($this->store->original($picture), $copy);
            $this->places->clean($copy, $place);
            $cleaned = $this->store->keep($copy, $picture->source_hash ?? $picture->hash);
        } catch (OutsideProgramFailed) {
            // Some kinds of files can be read and not be written.
            return false;
        } finally {
            File::deleteDirectory($folder);
        }
        $this->store->arrived($cleaned);
        if ($cleaned->is($picture)) {
            return false;
        }
        $same = Frame::query()
            ->where('attempt_id', $frame->attempt_id)
            ->where('picture_id', $cleaned->id)
            ->value('original_name');
        if ($same !== null) {
            throw HandInRefused::because(
                sprintf('This is the same picture as "%s", which is in the attempt already. Remove this one.', $same),
            );
        }
        // The pixels are the same.
        $shown = $this->store->workingCopy($picture);
        if ($shown !== null) {
            $this->store->workingCopyMade($cleaned, fn (string $partial) => File::copy($shown, $partial));
        }
        $read = $this->store->reading($picture);
        if ($read !== null) {
            $this->store->readingMade($cleaned, fn (string $partial) => File::copy($read, $partial));
        }
        $frame->update(['picture_id' => $cleaned->id]);
        DB::afterCommit(fn () => $this->unused->forget([$picture->id]));
        $frame->setRelation('picture', $cleaned);

        return true;
    }
}
