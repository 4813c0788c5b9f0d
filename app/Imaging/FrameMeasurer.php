<?php

declare(strict_types=1);

namespace App\Imaging;

use Closure;
use Illuminate\Support\Facades\File;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Measures\MeasuredPicture;
use TruePupil\Core\Seen\Seen;

/** Measures a picture that is not in the store, and what is marked in it. */
final readonly class FrameMeasurer
{
    public function __construct(private PixelEngine $pixels, private string $scratch)
    {
    }

    /**
     * @param  ?Closure(): mixed  $before  what else can be done, while the picture is being decoded
     *
     * @throws \TruePupil\Core\Capture\UnreadablePicture
     */
    public function measure(
        string $original,
        Marks $marks,
        ?Closure $before = null,
        Seen $seen = new Seen(),
    ): FrameMeasures {
        AtomicFile::makeFolder($this->scratch);
        $reading = $this->scratch.'/'.bin2hex(random_bytes(8)).'.reading';
        try {
            $early = new EarlyOverview($before);
            $this->pixels->read($original, $reading, meanwhile: $early);

            return MeasuredPicture::of(ReadingFile::open($reading, $early->overview))->with($marks, $seen);
        } finally {
            File::delete($reading);
        }
    }
}
