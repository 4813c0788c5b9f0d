<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/** How far a picture leans, and its uprights with it. */
final readonly class LeanMeasures
{
    /**
     * @param  ?float  $tiltDeg  positive clockwise; null where nothing says
     * @param  ?float  $convergenceDeg  upright lines leaning together from side to side; null where too few
     * @param  'mark'|'horizon'|'lines'|null  $tiltFrom
     *   what says so: a line that somebody marked, the horizon, or lines that agree
     * @param  bool  $isCertain  a marked line, or several kinds of lines
     */
    public function __construct(
        public ?float $tiltDeg,
        public ?float $convergenceDeg,
        public ?string $tiltFrom = null,
        public bool $isCertain = true,
    ) {
    }

    public static function of(Lines $lines, ?Horizon $horizon): self
    {
        $convergence = Lean::convergence($lines->lines);
        $lean = Lean::of($lines->lines, $horizon);

        return $lean === null
            ? new self(null, $convergence)
            : new self($lean->degrees, $convergence, $lean->from, $lean->isCertain);
    }

    /** @param  ?float  $degrees  of a line that somebody marked, which knows better than what was found */
    public function marked(?float $degrees): self
    {
        return $degrees === null ? $this : new self($degrees, $this->convergenceDeg, 'mark');
    }
}
