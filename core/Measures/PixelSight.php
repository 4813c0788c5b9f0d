<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\Attention;
use TruePupil\Core\Composition\CompositionMeasures;
use TruePupil\Core\Composition\ProposedSubject;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Focus\DetailMap;
use TruePupil\Core\Focus\FocusMeasures;
use TruePupil\Core\Raster\ColourGrid;

/** What the first look at a picture gives: its colours made small, and its edges. */
final readonly class PixelSight
{
    public function __construct(public ColourGrid $colours, public DetailMap $detail)
    {
    }

    /** From what is sharp and draws the eye; null where nothing stands out. */
    public function proposedSubject(): ?Region
    {
        $sharp = FocusMeasures::of($this->detail)->around(Attention::columns(), Attention::rows());

        return ProposedSubject::in(Attention::of($this->colours->reduced(CompositionMeasures::COARSE), $sharp));
    }
}
