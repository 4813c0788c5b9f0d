<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\PictureTags;
use App\Models\Attempt;
use App\Models\Frame;
use App\Models\Picture;
use TruePupil\Core\Capture\PictureRecord;
use TruePupil\Core\Capture\UnreadablePicture;

/**
 * A raw file and the JPEG that the camera wrote beside it are one frame. Their names say which may belong together;
 * their records, taken at one moment with the same settings, whether they do.
 */
final readonly class RawPair
{
    public function __construct(private PictureStore $store, private PictureTags $tags)
    {
    }

    /**
     * The frame of an attempt whose file is the other half of this one.
     *
     * @return ?array{frame: Frame, isRaw: bool} with whether this one is the raw half
     */
    public function otherHalf(Attempt $attempt, Picture $picture, string $name, ?string $row): ?array
    {
        [$stem, $ending] = self::parts($name);
        $record = null;
        foreach ($attempt->frames()->with('picture')->where('row', $row)->get() as $frame) {
            [$itsStem, $itsEnding] = self::parts($frame->original_name);
            if ($itsStem !== $stem || $itsEnding === $ending) {
                continue;
            }
            $record ??= $this->record($picture);
            $its = $this->record($frame->picture);
            if ($record !== null && $its !== null && self::isOne($record, $its)) {
                return ['frame' => $frame, 'isRaw' => $record->isRaw()];
            }
        }

        return null;
    }

    /** @return array{string, string} the name without its ending, and the ending, in small letters */
    private static function parts(string $name): array
    {
        return [mb_strtolower(pathinfo($name, PATHINFO_FILENAME)), mb_strtolower(pathinfo($name, PATHINFO_EXTENSION))];
    }

    private static function isOne(PictureRecord $one, PictureRecord $other): bool
    {
        [$first, $second] = [$one->capture, $other->capture];

        return $one->isRaw() !== $other->isRaw()
            && $first->takenAt !== null
            && $first->takenAt == $second->takenAt
            && $first->camera->model === $second->camera->model
            && $first->settings() !== null
            && (string) $first->settings() === (string) $second->settings();
    }

    private function record(Picture $picture): ?PictureRecord
    {
        try {
            return PictureRecord::fromTags($this->tags->read($this->store->original($picture)));
        } catch (UnreadablePicture) {
            // Said when it is read.
            return null;
        }
    }
}
