<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Optics\InvalidOptics;

/** What a photograph is meant to show. Distances in metres from the lens; anything not said is not asked for. */
final readonly class Intent
{
    /**
     * @param  ?float  $subject  distance that is focused
     * @param  ?float  $near  nearest point that must look sharp
     * @param  ?float  $far  farthest point that must look sharp; INF for the horizon
     * @param  ?float  $background  distance of what lies behind
     * @param  ?float  $separation  blur disc of the background, % of the frame's width
     * @param  ?float  $focalLength35  framing, as a 35 mm equivalent focal length in mm
     * @param  ?float  $maxIso  the most noise that is acceptable
     * @param  bool  $foliage  leaves or grass that the wind moves are in the picture
     * @param  bool  $stars  stars are to stay points
     * @param  float  $declination  of those stars, degrees
     * @param  bool  $sunStar  the sun, or lamps, are to become stars
     * @param  bool  $crossesLight  the subject passes from one light into another
     * @param  bool  $person  somebody is in the picture
     * @param  ?Idea  $idea  of composition, where one was declared
     * @param  ?Facing  $facing  where the subject looks or goes, as seen in the picture
     * @param  ?float  $sceneStops  from the darkest to the brightest place that should keep detail, stops
     *
     * @throws InvalidOptics|InvalidExposure
     */
    public function __construct(
        public ?float $subject = null,
        public ?float $near = null,
        public ?float $far = null,
        public ?float $background = null,
        public ?float $separation = null,
        public ?Movement $movement = null,
        public ?float $focalLength35 = null,
        public ?float $maxIso = null,
        public bool $foliage = false,
        public bool $stars = false,
        public float $declination = 0.0,
        public bool $sunStar = false,
        public bool $crossesLight = false,
        public bool $person = false,
        public ?float $sceneStops = null,
        public ?Idea $idea = null,
        public ?Facing $facing = null,
    ) {
        $distances = [
            'subject distance' => $subject,
            'near limit' => $near,
            'far limit' => $far === INF ? null : $far,
            'background distance' => $background,
        ];
        foreach (array_filter($distances, fn (?float $distance): bool => $distance !== null) as $name => $distance) {
            InvalidOptics::unlessPositive($name, $distance, 'm');
        }
        foreach (
            [
                'range of the scene' => $sceneStops,
                'separation' => $separation,
                'highest ISO' => $maxIso,
                '35 mm equivalent focal length' => $focalLength35,
            ] as $name => $value
        ) {
            InvalidExposure::unlessPositive($name, $value ?? 1.0);
        }
        $order = array_values(array_filter([$near, $subject, $far], fn (?float $distance): bool => $distance !== null));
        for ($i = 1; $i < count($order); $i++) {
            if ($order[$i] < $order[$i - 1] - 1e-9) {
                throw InvalidOptics::reversed($order[$i - 1], $order[$i]);
            }
        }
    }

    /** Whether a range of distances must look sharp, and enough is known to say which. */
    public function asksForDepth(): bool
    {
        return ($this->near !== null || $this->far !== null) && ($this->subject !== null || $this->near !== null);
    }

    /** The farthest point that must look sharp, or null for the horizon; only when depth is asked for. */
    public function sharpTo(): ?float
    {
        $far = $this->far ?? ($this->subject ?? $this->near);

        return $far === null || is_infinite($far) ? null : $far;
    }

    /** The nearest point that must look sharp. */
    public function sharpFrom(): ?float
    {
        return $this->near ?? $this->subject;
    }

    public function asksForSeparation(): bool
    {
        return $this->separation !== null && $this->subject !== null && $this->background !== null;
    }

    /**
     * The same intent with some parts changed.
     *
     * @param  array<string, mixed>  $changes  by property
     */
    public function with(array $changes): self
    {
        /** @var array{subject: ?float} $parts */
        $parts = array_replace(get_object_vars($this), $changes);

        return new self(...$parts);
    }

    /** Whether nothing at all is asked for. */
    public function isEmpty(): bool
    {
        return $this == new self();
    }
}
