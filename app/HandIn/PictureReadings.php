<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Imaging\EarlyOverview;
use App\Imaging\PixelEngine;
use App\Imaging\ReadingFile;
use App\Models\Picture;
use Illuminate\Support\Facades\File;
use InvalidArgumentException;
use RuntimeException;
use TruePupil\Core\Composition\Attention;
use TruePupil\Core\Measures\MeasuredPicture;
use TruePupil\Core\Measures\PixelReading;
use TruePupil\Core\Stored\MeasuresReading;

/**
 * What was taken from each picture at its one decode, and what was measured of it whatever is marked: from here on
 * nobody needs the picture itself. Made anew where it is gone.
 */
final readonly class PictureReadings
{
    public function __construct(private PictureStore $store, private PixelEngine $pixels)
    {
    }

    /** @throws \TruePupil\Core\Capture\UnreadablePicture when the picture has to be decoded and cannot be */
    public function of(Picture $picture): PixelReading
    {
        $early = new EarlyOverview();
        $make = fn (string $partial) => $this->make($picture, $partial, $early);
        try {
            return ReadingFile::open($this->store->readingMade($picture, $make), $early->overview);
        } catch (InvalidArgumentException) {
            // Damaged, as by a disk that was full.
            $this->store->forgetReading($picture);

            return ReadingFile::open($this->store->readingMade($picture, $make), $early->overview);
        }
    }

    /**
     * @param  ?PixelReading  $reading  of this picture, where it is at hand
     *
     * @throws \TruePupil\Core\Capture\UnreadablePicture when the picture has to be decoded and cannot be
     */
    public function measured(Picture $picture, ?PixelReading $reading = null): MeasuredPicture
    {
        $reading ??= $this->of($picture);
        $version = (int) config('pupil.rules_version');
        $made = null;
        $path = $this->store->measuresMade($picture, $version, function (string $partial) use ($reading, &$made): void {
            $made = MeasuredPicture::of($reading);
            self::write($made, $partial);
        });

        return $made ?? self::read($path, $reading) ?? MeasuredPicture::of($reading);
    }

    /** In the same decode the copy that is shown, where there is none yet. */
    private function make(Picture $picture, string $reading, EarlyOverview $meanwhile): void
    {
        $original = $this->store->original($picture);
        $alone = fn () => $this->pixels->read($original, $reading, meanwhile: $meanwhile);
        if ($this->store->workingCopy($picture) !== null) {
            $alone();

            return;
        }
        $isRead = false;
        $with = function (string $copy) use ($original, $reading, $meanwhile, &$isRead): void {
            $this->pixels->read($original, $reading, $copy, (int) config('pupil.working_side'), $meanwhile);
            $isRead = true;
        };
        $this->store->workingCopyMade($picture, $with);
        if (! $isRead) {
            // Somebody else made the copy in this moment.
            $alone();
        }
    }

    private static function write(MeasuredPicture $made, string $path): void
    {
        $plain = [
            'measures' => $made->plain->toArray(),
            'attention' => base64_encode(pack('g*', ...$made->attention->map)),
        ];
        $packed = (string) gzencode(json_encode($plain, JSON_THROW_ON_ERROR), 1);
        if (File::put($path, $packed) !== strlen($packed)) {
            throw new RuntimeException('No space left on device.');
        }
    }

    /** Null where the file is damaged. */
    private static function read(string $path, PixelReading $reading): ?MeasuredPicture
    {
        $kept = json_decode((string) @gzdecode((string) @file_get_contents($path)), true);
        if (! is_array($kept)) {
            return null;
        }
        try {
            $plain = MeasuresReading::restore($kept['measures'] ?? []);
            $map = array_values(unpack('g*', (string) base64_decode($kept['attention'] ?? '', true)) ?: []);

            return $plain->composition === null ? null : new MeasuredPicture($reading, $plain, Attention::restore(
                $map,
                $plain->composition->attention->peaks,
                $plain->composition->attention->balance,
            ));
        } catch (InvalidArgumentException) {
            return null;
        }
    }
}
