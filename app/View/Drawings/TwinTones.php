<?php

declare(strict_types=1);

namespace App\View\Drawings;

use App\View\Presenters\FrameView;

/** The tones of two frames on one axis of stops: the first rises from it, the second hangs from it. */
final readonly class TwinTones
{
    private const AXIS = 20;

    private function __construct(public ToneStrip $above, public ToneStrip $below)
    {
    }

    /** @return ?self null where one of them is not measured */
    public static function of(FrameView $a, FrameView $b): ?self
    {
        $tones = [$a->plainTones(), $b->plainTones()];

        return $tones[0] === null || $tones[1] === null ? null : new self($tones[0], $tones[1]);
    }

    /** @return array{int, int} where the axis begins and ends, from above */
    public function axis(): array
    {
        return [$this->above->base(), $this->above->base() + self::AXIS];
    }

    public function height(): int
    {
        return 2 * $this->above->base() + self::AXIS;
    }

    public function summary(): string
    {
        return 'A: '.$this->above->summary().' B: '.$this->below->summary();
    }
}
