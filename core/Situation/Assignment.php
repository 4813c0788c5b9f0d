<?php

declare(strict_types=1);

namespace TruePupil\Core\Situation;

use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\Placement;
use TruePupil\Core\Raster\GreyGrid;
use TruePupil\Core\Series\CoveredRange;
use TruePupil\Core\Series\SceneWork;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Tone\ToneMeasures;

/** What a frame was taken for: the brief, and the row that the frame is one of. */
final readonly class Assignment
{
    /**
     * @param  ?Series  $series
     *   the row that this frame is the last of; findings about a row are made once, with its last frame
     */
    public function __construct(
        public ?Brief $brief = null,
        /** Where the brief wants the subject. */
        public ?Placement $wanted = null,
        /** The row of the brief that this frame belongs to. */
        public ?string $row = null,
        /** Whether it belongs to a row and is not the last of it. */
        public bool $isWithinRow = false,
        public ?Series $series = null,
        /** @var list<GreyGrid> thumbnails of the frames of the row, in its order */
        public array $rowPictures = [],
        /** @var list<ToneMeasures> tones of the frames of the row, in its order; empty while one is not measured */
        public array $rowTones = [],
        /** How many frames the row has, with a record or without; null for a frame that stands alone. */
        public ?int $rowFrames = null,
        /** What the brief wants the row to be; null where it asks for none. */
        public ?SeriesKind $rowKind = null,
        /** What the frames of the row tell together; with its last frame alone. */
        public ?SceneWork $work = null,
    ) {
    }

    /** What the frames of the row hold between them; null while one is not measured. */
    public function coveredRange(): ?CoveredRange
    {
        return $this->series === null || count($this->rowTones) !== $this->series->count()
            ? null
            : CoveredRange::of($this->series->exposures(), $this->rowTones);
    }
}
