<?php

declare(strict_types=1);

namespace TruePupil\Core\Revisit;

use TruePupil\Core\Sky\LightDirection;
use TruePupil\Core\Sky\MoonShape;

/** What sun and moon are to do. */
final readonly class SkyWish
{
    /**
     * @param  ?LightDirection  $light  of the sun, for the bearing of the camera
     * @param  bool  $moonUp  whether the moon is to be above the horizon; of no meaning where none is wanted
     */
    public function __construct(
        public ?SunWish $sun = null,
        public ?LightDirection $light = null,
        public ?MoonShape $moon = null,
        public bool $moonUp = true,
    ) {
    }
}
