<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Motion\Stir;
use TruePupil\Core\Sky\LightDirection;

/** What a photograph is meant to show. Distances in metres from the lens; anything not said is not asked for. */
final readonly class Intent
{
    /**
     * @param  ?float  $focalLength35  framing, as a 35 mm equivalent focal length in mm
     * @param  ?float  $maxIso  the most noise that is acceptable
     * @param  ?MeantTone  $tone  declared where it is not as bright as usual
     * @param  ?float  $sceneStops  from the darkest to the brightest place that should keep detail, stops
     * @param  ?Idea  $idea  of composition, where one was declared
     * @param  ?LightDirection  $lightFrom  where the light comes from, as whoever took it says
     * @param  ?Facing  $facing  where the subject looks or goes, as seen in the picture
     *
     * @throws InvalidExposure
     */
    public function __construct(
        public IntendedDistances $distances = new IntendedDistances(),
        public ?Movement $movement = null,
        public ?float $focalLength35 = null,
        public ?float $maxIso = null,
        public IntendedContents $contents = new IntendedContents(),
        public ?float $sceneStops = null,
        public ?Idea $idea = null,
        public ?Facing $facing = null,
        public ?MeantTone $tone = null,
        public ?LightDirection $lightFrom = null,
    ) {
        foreach (
            [
                'range of the scene' => $sceneStops,
                'highest ISO' => $maxIso,
                '35 mm equivalent focal length' => $focalLength35,
            ] as $name => $value
        ) {
            InvalidExposure::unlessPositive($name, $value ?? 1.0);
        }
    }

    /** Whether a range of distances must look sharp, and enough is known to say which. */
    public function asksForDepth(): bool
    {
        return ($this->distances->near !== null || $this->distances->far !== null) &&
            ($this->distances->subject !== null || $this->distances->near !== null);
    }

    /** The farthest point that must look sharp, or null for the horizon; only when depth is asked for. */
    public function sharpTo(): ?float
    {
        $far = $this->distances->far ?? ($this->distances->subject ?? $this->distances->near);

        return $far === null || is_infinite($far) ? null : $far;
    }

    /** The nearest point that must look sharp. */
    public function sharpFrom(): ?float
    {
        return $this->distances->near ?? $this->distances->subject;
    }

    public function asksForSeparation(): bool
    {
        return $this->distances->separation !== null &&
            $this->distances->subject !== null &&
            $this->distances->background !== null;
    }

    /** The same intent with some parts changed; null leaves a part as it is. */
    public function with(
        ?IntendedDistances $distances = null,
        ?Movement $movement = null,
        ?float $focalLength35 = null,
        ?float $maxIso = null,
    ): self {
        return new self(
            $distances ?? $this->distances,
            $movement ?? $this->movement,
            $focalLength35 ?? $this->focalLength35,
            $maxIso ?? $this->maxIso,
            $this->contents,
            $this->sceneStops,
            $this->idea,
            $this->facing,
            $this->tone,
            $this->lightFrom,
        );
    }

    /** What the picture is of; somebody in it makes it one of a person. */
    public function kind(): ?SubjectKind
    {
        return $this->contents->about->kind ?? match (true) {
            $this->contents->stars => SubjectKind::NightSky,
            $this->contents->person => SubjectKind::Person,
            default => null,
        };
    }

    /** How much what is photographed stirs; what the wind moves in it counts as well. */
    public function stir(): Stir
    {
        $stir = $this->kind()?->stir($this->movement !== null) ?? Stir::Still;

        return $stir === Stir::Still && $this->contents->foliage ? Stir::InWind : $stir;
    }

    /** Whether nothing at all is asked for. */
    public function isEmpty(): bool
    {
        return $this == new self();
    }
}
