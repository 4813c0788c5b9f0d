<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Frame;
use App\View\Drawings\SettingsPicture;
use App\View\Drawings\SpreadStrip;

/** One thing on the projector. */
final readonly class Slide
{
    /**
     * @param  string  $kind  what it is, over the title
     * @param  string  $lead  how many, large
     * @param  list<string>  $lines
     * @param  list<Frame>  $frames  whose owners allow it; small beside words
     * @param  ?WallFrame  $wall  one of them alone, as large as the wall
     */
    public function __construct(
        public string $kind,
        public string $title,
        public string $lead,
        public array $lines = [],
        public array $frames = [],
        public ?SpreadStrip $strip = null,
        public ?SettingsPicture $picture = null,
        public ?WallFrame $wall = null,
    ) {
    }
}
