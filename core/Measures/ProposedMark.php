<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Composition\Attention;
use TruePupil\Core\Composition\CompositionMeasures;
use TruePupil\Core\Composition\ProposedSubject;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Focus\FocusMeasures;

/** What stands out in a picture, before anybody has marked anything. */
final readonly class ProposedMark
{
    /** From what is sharp and draws the eye; null where nothing stands out. */
    public static function in(PixelReading $reading): ?Region
    {
        $sharp = FocusMeasures::of($reading->detail)->around(Attention::columns(), Attention::rows());

        return ProposedSubject::in(Attention::of($reading->colours->reduced(CompositionMeasures::COARSE), $sharp));
    }
}
