<?php

declare(strict_types=1);

namespace App\Imaging;

use Closure;
use TruePupil\Core\Capture\PictureRecord;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Seen\Seen;

/** Reads and measures a file that is not in the store. */
final readonly class FileAnalysis
{
    public function __construct(
        private PictureGate $gate,
        private FrameMeasurer $measurer,
        private PictureTags $tags,
    ) {
    }

    public function measure(string $path, Marks $marks = new Marks(), Seen $seen = new Seen()): FrameMeasures
    {
        $this->gate->admit($path);

        return $this->measurer->measure($path, $marks, null, $seen);
    }

    /**
     * Its record and its measures, the one read while the other is worked out.
     *
     * @param  ?Closure(): mixed  $before  what else can be done, while the picture is being decoded
     * @return array{PictureRecord, FrameMeasures}
     *
     * @throws \TruePupil\Core\Capture\UnreadablePicture
     */
    public function critiqued(
        string $path,
        Marks $marks = new Marks(),
        ?Closure $before = null,
        Seen $seen = new Seen(),
    ): array {
        $this->gate->admit($path);
        $tags = $this->tags->begin($path);
        $measures = $this->measurer->measure($path, $marks, $before, $seen);

        return [PictureRecord::fromTags($tags()), $measures];
    }
}
