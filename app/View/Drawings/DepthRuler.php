<?php

declare(strict_types=1);

namespace App\View\Drawings;

use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\Metres;
use TruePupil\Core\Situation\Situation;

/**
 * What looks sharp, on a logarithmic axis of distance from the camera: near edge, focus, far edge, hyperfocal, and what
 * was wanted.
 */
final readonly class DepthRuler
{
    public const WIDTH = 640;

    public const HEIGHT = 92;

    private const LEFT = 40;

    private const RIGHT = 600;

    private float $from;

    private float $to;

    /** @param  ?float  $wantedTo  null for the horizon where a near limit is wanted */
    private function __construct(
        private DepthOfField $depth,
        private float $focus,
        private ?float $wantedFrom,
        private ?float $wantedTo,
    ) {
        $known = [$focus];
        foreach ([$depth->near, $depth->far, $depth->hyperfocal, $wantedFrom, $wantedTo] as $metres) {
            if ($metres !== null && $metres > 0) {
                $known[] = $metres;
            }
        }
        $this->from = min($known) / 1.6;
        // Room for "beyond", where depth runs on to the horizon.
        $this->to = min(max($known), $this->from * 20000) * 1.8;
    }

    public static function of(
        DepthOfField $depth,
        float $focus,
        ?float $wantedFrom = null,
        ?float $wantedTo = null,
    ): self {
        return new self($depth, $focus, $wantedFrom, $wantedTo);
    }

    public static function ofFrame(Situation $situation): ?self
    {
        [$depth, $focus] = [$situation->depth(), $situation->focusDistance()];
        $wants = $situation->statement->intent->asksForDepth();

        return $depth === null || $focus === null
            ? null
            : new self(
                $depth,
                $focus,
                $wants ? $situation->statement->intent->sharpFrom() : null,
                $wants ? $situation->statement->intent->sharpTo() : null,
            );
    }

    /** @return list<array{x: float, label: string}> */
    public function ticks(): array
    {
        $ticks = [];
        for ($power = -3; $power <= 4; $power++) {
            foreach ([1, 2, 5] as $step) {
                $metres = $step * 10 ** $power;
                if ($metres > $this->from && $metres < $this->to) {
                    $ticks[] = [
                        'x' => $this->x($metres),
                        'label' => $metres < 1 ? round($metres * 100, 1).' cm' : round($metres).' m',
                    ];
                }
            }
        }

        return $ticks;
    }

    /** @return array{x: float, width: float, open: bool} the sharp range; open where it reaches the horizon */
    public function sharp(): array
    {
        $end = $this->depth->far === null ? self::RIGHT : $this->x($this->depth->far);

        return [
            'x' => $this->x($this->depth->near),
            'width' => round($end - $this->x($this->depth->near), 1),
            'open' => $this->depth->far === null,
        ];
    }

    /** @return ?array{x: float, width: float, open: bool} */
    public function wanted(): ?array
    {
        if ($this->wantedFrom === null) {
            return null;
        }
        $end = $this->wantedTo === null ? self::RIGHT : $this->x($this->wantedTo);

        return [
            'x' => $this->x($this->wantedFrom),
            'width' => round(max(2, $end - $this->x($this->wantedFrom)), 1),
            'open' => $this->wantedTo === null,
        ];
    }

    public function focusX(): float
    {
        return $this->x($this->focus);
    }

    public function hyperfocalX(): float
    {
        return $this->x($this->depth->hyperfocal);
    }

    /** @return list<array{string, string}> */
    public function table(): array
    {
        $rows = [
            ['focused at', Metres::text($this->focus)],
            ['sharp from', Metres::text($this->depth->near)],
            ['sharp to', Metres::text($this->depth->far)],
            ['hyperfocal distance', Metres::text($this->depth->hyperfocal)],
        ];
        if ($this->wantedFrom !== null) {
            $rows[] = ['wanted sharp', Metres::text($this->wantedFrom).' to '.Metres::text($this->wantedTo)];
        }

        return $rows;
    }

    public function summary(): string
    {
        return sprintf(
            'Focused at %s: sharp from %s to %s; hyperfocal %s%s.',
            Metres::text($this->focus),
            Metres::text($this->depth->near),
            Metres::text($this->depth->far),
            Metres::text($this->depth->hyperfocal),
            $this->wantedFrom === null
                ? ''
                : sprintf('; wanted %s to %s', Metres::text($this->wantedFrom), Metres::text($this->wantedTo)),
        );
    }

    private function x(float $metres): float
    {
        $share = log(max($this->from, min($this->to, $metres)) / $this->from) / log($this->to / $this->from);

        return round(self::LEFT + $share * (self::RIGHT - self::LEFT), 1);
    }
}
