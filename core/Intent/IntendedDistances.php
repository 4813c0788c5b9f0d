<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Optics\InvalidOptics;

/** Where the things of a picture lie, and how they are to be parted. */
final readonly class IntendedDistances
{
    /**
     * @param  ?float  $subject  distance that is focused
     * @param  ?float  $near  nearest point that must look sharp
     * @param  ?float  $far  farthest point that must look sharp; INF for the horizon
     * @param  ?float  $background  distance of what lies behind
     * @param  ?float  $separation  blur disc of the background, % of the frame's width
     *
     * @throws InvalidOptics|InvalidExposure
     */
    public function __construct(
        public ?float $subject = null,
        public ?float $near = null,
        public ?float $far = null,
        public ?float $background = null,
        public ?float $separation = null,
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
        InvalidExposure::unlessPositive('separation', $separation ?? 1.0);
        $order = array_values(array_filter([$near, $subject, $far], fn (?float $distance): bool => $distance !== null));
        for ($i = 1; $i < count($order); $i++) {
            if ($order[$i] < $order[$i - 1] - 1e-9) {
                throw InvalidOptics::reversed($order[$i - 1], $order[$i]);
            }
        }
    }

    /** @param  ?float  $subject  m */
    public function focusedAt(?float $subject): self
    {
        return new self($subject, $this->near, $this->far, $this->background, $this->separation);
    }

    /** The same without a range that must look sharp. */
    public function withoutDepth(): self
    {
        return new self(subject: $this->subject, background: $this->background, separation: $this->separation);
    }
}
