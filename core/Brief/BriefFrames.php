<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Series\SeriesKind;

/** How many frames a brief asks for, how they belong together, and what they may be taken with. */
final readonly class BriefFrames
{
    /**
     * @param  ?int  $most  how many frames an attempt may have; as many as it wants where null
     * @param  ?SeriesKind  $series  what several frames are to be, where they are one row
     * @param  list<Row>  $rows  where they are several rows
     * @param  list<KitRule>  $kit
     */
    public function __construct(
        public int $least,
        public ?int $most = null,
        public ?SeriesKind $series = null,
        public array $rows = [],
        public array $kit = [],
    ) {
    }
}
