<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\Weights;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Support;

/** What the adviser is asked: the light, the kit, and what the picture is meant to show. */
final readonly class AdviceRequest
{
    public Weights $weights;

    /** With a film in the camera, its speed is the only ISO there is. */
    public Kit $kit;

    /**
     * @param  Ev100  $light  the exposure that places the subject where it is wanted, at ISO 100
     * @param  ?TakenFrame  $taken  a frame that is to be taken better; its light is known through its lens
     * @param  ?Iso  $exposureIndex  at which the film in the kit is exposed
     * @param  SettingBounds  $bounds  what is demanded of the settings
     * @param  ?Stops  $placed  above what a meter of the subject says, which the light has in it already
     * @param  ?LightRange  $range  of the light on the scene, where it is known
     */
    public function __construct(
        public Ev100 $light,
        Kit $kit,
        public Intent $intent,
        public Approach $approach = new Approach(),
        ?Weights $weights = null,
        public ?TakenFrame $taken = null,
        public ?Iso $exposureIndex = null,
        public SettingBounds $bounds = new SettingBounds(),
        public ?Stops $placed = null,
        public ?LightRange $range = null,
    ) {
        $this->kit = $kit->atFilmSpeed($exposureIndex);
        $this->weights = $weights ?? Weights::of($approach);
    }

    /** False where nobody said what held the camera that took a frame: hands are then only supposed. */
    public function isSupportKnown(): bool
    {
        return $this->taken === null || $this->taken->support !== null;
    }

    /** How a support is called here. */
    public function supportLabel(Support $support): string
    {
        return $this->isSupportKnown() || $support !== Support::Hand ? $support->label() : 'if held by hand';
    }

    public function with(
        ?Ev100 $light = null,
        ?Kit $kit = null,
        ?Intent $intent = null,
        ?SettingBounds $bounds = null,
    ): self {
        return new self(
            $light ?? $this->light,
            $kit ?? $this->kit,
            $intent ?? $this->intent,
            $this->approach,
            $this->weights,
            $this->taken,
            $this->exposureIndex,
            $bounds ?? $this->bounds,
            $this->placed,
            $this->range,
        );
    }
}
