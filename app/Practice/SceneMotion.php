<?php

declare(strict_types=1);

namespace App\Practice;

use TruePupil\Core\PracticeCamera\Crossing;
use TruePupil\Core\PracticeCamera\Fall;
use TruePupil\Core\PracticeCamera\StarField;
use TruePupil\Core\PracticeCamera\Turning;

/** What moves in a scene. */
final readonly class SceneMotion
{
    /**
     * @param  list<Fall>  $falls
     * @param  array{float, float, float}  $waterColour  in the units of the first plate
     */
    public function __construct(
        public array $falls,
        public array $waterColour,
        public ?Crossing $crossing,
        public ?Turning $turning,
        public ?StarField $stars,
        public ?Mover $mover = null,
    ) {
    }
}
