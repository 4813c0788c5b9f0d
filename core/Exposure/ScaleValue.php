<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/**
 * What aperture, exposure time and ISO share: a recorded number, and the exact value it stands for on a camera's scale.
 */
trait ScaleValue
{
    private function __construct(
        /** The number as engraved, recorded or typed. */
        public readonly float $recorded,
        /** The value to compute with: the exact scale value where the number is one of the scale, else as recorded. */
        public readonly float $exact,
        private readonly ?int $step,
    ) {
    }

    /** A number from a record or a form, e.g. 5.6, 0.008 or 400. @throws InvalidExposure */
    public static function of(float $value): self
    {
        InvalidExposure::unlessPositive(self::NAME, $value);
        $step = self::scale()->stepOf($value);

        return new self($value, $step === null ? $value : self::scale()->exact($step), $step);
    }

    /** The scale value nearest to a computed one, e.g. the exposure time that a camera would set. */
    public static function nearest(float $value, StopIncrement $increment = StopIncrement::Third): self
    {
        InvalidExposure::unlessPositive(self::NAME, $value);
        if ($increment === StopIncrement::Third) {
            return self::atStep(self::scale()->nearest($value));
        }
        $scale = self::scaleOf($increment);
        $step = $scale->nearest($value);
        [$nominal, $exact] = [$scale->nominal($step) ?? $value, $scale->exact($step)];
        $inThirds = self::scale()->stepOf($exact);

        // Whole stops are on both scales; between them a half step is known by its own exact value.
        return $inThirds === null ? new self($nominal, $exact, null) : self::atStep($inThirds);
    }

    /** A value of the scale by its step, counted in thirds from f/1, 1 s or ISO 100. */
    public static function atStep(int $step): self
    {
        $scale = self::scale();
        $nominal = $scale->nominal($step);
        if ($nominal === null) {
            throw InvalidExposure::notPositive(self::NAME.' on the scale', $scale->exact($step));
        }

        return new self($nominal, $scale->exact($step), $step);
    }

    /** Whether the number is an engraved value, rather than one between the marks. */
    public function isOnScale(): bool
    {
        return $this->step !== null;
    }

    /** The engraved number where there is one, else the number as recorded. */
    public function nominal(): float
    {
        return $this->step === null ? $this->recorded : self::scale()->nominal($this->step) ?? $this->recorded;
    }

    /**
     * The value as the dial has it: what is engraved on one of half stops alone counts as that, anything else is
     * snapped within 1/6 stop, otherwise as recorded.
     */
    private function snapped(): float
    {
        $halves = self::scaleOf(StopIncrement::Half);
        $half = self::scale()->stepOf($this->recorded) === null ? $halves->stepOf($this->recorded) : null;
        if ($half !== null) {
            return $halves->exact($half);
        }
        $step = self::scale()->snap($this->recorded);

        return $step === null ? $this->recorded : self::scale()->exact($step);
    }
}
