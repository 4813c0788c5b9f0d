<?php

declare(strict_types=1);

namespace TruePupil\Core\WhatIf;

/** One change to a picture: stops, degrees, hues in degrees, places as fractions of the frame. */
final readonly class Step
{
    /** @param  array<string, float>  $numbers */
    private function __construct(public StepKind $kind, public array $numbers)
    {
    }

    /**
     * @param  array<mixed>  $numbers
     *
     * @throws InvalidRecipe naming the number that is missing or out of bounds
     */
    public static function of(StepKind $kind, array $numbers): self
    {
        $read = [];
        foreach ($kind->numbers() as $name => [$least, $most]) {
            $value = $numbers[$name] ?? null;
            if (
                (! is_int($value) && ! is_float($value)) ||
                ! is_finite((float) $value) ||
                $value < $least ||
                $value > $most
            ) {
                throw InvalidRecipe::number($kind, $name, $value);
            }
            $read[$name] = (float) $value;
        }

        return new self($kind, $read);
    }

    public function number(string $name): float
    {
        return $this->numbers[$name];
    }

    /** Whether it leaves the picture as it is. */
    public function isNothing(): bool
    {
        return match ($this->kind) {
            StepKind::Exposure,
            StepKind::Shadows,
            StepKind::Highlights,
            StepKind::Darken,
            StepKind::Graduated,
            StepKind::Corners,
            StepKind::Grain => abs($this->number('stops')) < 1e-6,
            StepKind::Saturation, StepKind::Curve => abs($this->number('amount')) < 1e-6,
            StepKind::Perspective => abs($this->number('top')) + abs($this->number('left')) < 1e-6,
            StepKind::Straighten, StepKind::Shift => abs($this->number('degrees')) < 1e-6,
            StepKind::Calm, StepKind::Fade => $this->number('amount') < 1e-6,
            StepKind::Crop => $this->number('width') > 0.9999 && $this->number('height') > 0.9999,
            StepKind::Grey, StepKind::Keep, StepKind::Remove => false,
        };
    }
}
