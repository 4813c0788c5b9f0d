<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\PictureTags;
use App\Imaging\PreviewExtractor;
use App\Models\Attempt;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\Picture;
use TruePupil\Core\Capture\PictureRecord;
use TruePupil\Core\Capture\UnreadablePicture;

/**
 * A raw file and the JPEG that the camera wrote beside it are one frame. Their names say which may belong together;
 * their records, taken at one moment with the same settings, whether they do. A JPEG that was worked on since is
 * another picture, and a raw file that shows none cannot stand for its JPEG.
 */
final readonly class RawPair
{
    public function __construct(
        private PictureStore $store,
        private PictureTags $tags,
        private PreviewExtractor $previews,
    ) {
    }

    /**
     * The frame of an attempt whose file is the other half of this one.
     *
     * @return ?array{frame: Frame, isRaw: bool} with whether this one is the raw half
     */
    public function otherHalf(Attempt $attempt, Picture $picture, string $name, ?string $row): ?array
    {
        [$stem, $ending] = self::parts($name);
        $own = null;
        $frames = $attempt->frames()->with('picture')->where('row', $row)->where('state', '!=', FrameState::Refused);
        foreach ($frames->get() as $frame) {
            [$itsStem, $itsEnding] = self::parts($frame->original_name);
            if ($itsStem !== $stem || $itsEnding === $ending) {
                continue;
            }
            $own ??= $this->tagsOf($picture);
            $its = $this->tagsOf($frame->picture);
            $isRaw = PictureRecord::fromTags($own)->isRaw();
            if (self::areOne($own, $its) && $this->showsSomething($isRaw ? $picture : $frame->picture)) {
                return ['frame' => $frame, 'isRaw' => $isRaw];
            }
        }

        return null;
    }

    /** @return array{string, string} the name without its ending, and the ending, in small letters */
    private static function parts(string $name): array
    {
        return [mb_strtolower(pathinfo($name, PATHINFO_FILENAME)), mb_strtolower(pathinfo($name, PATHINFO_EXTENSION))];
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, mixed>  $other
     */
    private static function areOne(array $one, array $other): bool
    {
        [$first, $second] = [PictureRecord::fromTags($one), PictureRecord::fromTags($other)];
        [$record, $its] = [$first->capture, $second->capture];

        return $first->isRaw() !== $second->isRaw()
            && ! self::isWorkedOn($first->isRaw() ? $other : $one)
            && $record->takenAt !== null
            && $record->takenAt == $its->takenAt
            && $record->camera->model === $its->camera->model
            && $record->settings() !== null
            && (string) $record->settings() === (string) $its->settings();
    }

    /**
     * Whether a program says that it made the file, or the file was changed after it was taken.
     *
     * @param  array<string, mixed>  $tags
     */
    private static function isWorkedOn(array $tags): bool
    {
        return isset($tags['CreatorTool'])
            || (isset($tags['ModifyDate']) && $tags['ModifyDate'] !== ($tags['DateTimeOriginal'] ?? null));
    }

    private function showsSomething(Picture $raw): bool
    {
        try {
            return $this->previews->decodable($this->store->original($raw), fn (): bool => true);
        } catch (UnreadablePicture) {
            return false;
        }
    }

    /** @return array<string, mixed> none where they cannot be read, which is said when the picture is */
    private function tagsOf(Picture $picture): array
    {
        try {
            return $this->tags->read($this->store->original($picture));
        } catch (UnreadablePicture) {
            return [];
        }
    }
}
