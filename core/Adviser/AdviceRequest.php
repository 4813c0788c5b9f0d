<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\Weights;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\Iso;
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
     * @param  ?Aperture  $taken
     *   the aperture of a frame that is to be taken better: left alone unless something is gained
     * @param  bool  $isSupportKnown  false where nobody said what held the camera: hands are then only supposed
     * @param  ?Iso  $exposureIndex  at which the film in the kit is exposed
     */
    public function __construct(
        public Ev100 $light,
        Kit $kit,
        public Intent $intent,
        public Approach $approach = new Approach(),
        ?Weights $weights = null,
        public ?Aperture $taken = null,
        public bool $isSupportKnown = true,
        public ?Iso $exposureIndex = null,
    ) {
        $this->kit = $kit->atFilmSpeed($exposureIndex);
        $this->weights = $weights ?? Weights::of($approach);
    }

    /** How a support is called here. */
    public function supportLabel(Support $support): string
    {
        return $this->isSupportKnown || $support !== Support::Hand ? $support->label() : 'if held by hand';
    }

    public function with(?Ev100 $light = null, ?Kit $kit = null, ?Intent $intent = null): self
    {
        return new self(
            $light ?? $this->light,
            $kit ?? $this->kit,
            $intent ?? $this->intent,
            $this->approach,
            $this->weights,
            $this->taken,
            $this->isSupportKnown,
            $this->exposureIndex,
        );
    }
}
