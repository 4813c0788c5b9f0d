<?php

declare(strict_types=1);

namespace TruePupil\Core\PracticeCamera;

/**
 * Water that leaves a nozzle or a rim as drops and falls: each drop on its own parabola, so that a short exposure
 * freezes it, a longer one draws it out and a long one lays thousands over each other into silk.
 */
final readonly class Fall
{
    /** m/s² */
    private const GRAVITY = 9.81;

    /**
     * @param  array{float, float, float}  $at  m
     * @param  float  $ring  radius in m of the rim it leaves all round; 0 for a nozzle
     * @param  float  $up  m/s, the speed that it leaves upwards with
     * @param  float  $out  m/s, sideways
     * @param  float  $floor  m, the height of the water it falls into
     * @param  float  $perSecond  drops
     * @param  float  $size  m, a drop's diameter
     */
    public function __construct(
        public array $at,
        public float $ring,
        public float $up,
        public float $out,
        public float $floor,
        public float $perSecond,
        public float $size,
    ) {
    }

    /** Seconds from leaving to falling in, for a drop with the usual speed. */
    public function flight(): float
    {
        return ($this->up + sqrt($this->up ** 2 + 2 * self::GRAVITY * ($this->at[1] - $this->floor))) / self::GRAVITY;
    }

    /**
     * The drops that are in the air at some time during an exposure, as trails on the plate; the amount of each is the
     * area of the drop in square plate widths.
     *
     * @param  float  $moment  s
     * @param  float  $seconds  of the exposure
     * @param  int  $most  drops drawn; where there are more, each drawn stands for several
     * @param  float  $step  plate widths between the points of a trail
     * @return iterable<Trail>
     */
    public function trails(Viewpoint $view, float $moment, float $seconds, int $most, float $step): iterable
    {
        $flight = $this->flight() * 1.1;
        [$first, $last] = [
            (int) floor(($moment - $flight) * $this->perSecond),
            (int) ceil(($moment + $seconds) * $this->perSecond),
        ];
        $every = max(1, (int) ceil(($last - $first) / $most));
        for ($drop = $first; $drop < $last; $drop += $every) {
            // The one that stands for its neighbours is any of them.
            $trail = $this->trail(
                $view,
                $drop + (int) ($every * self::chance($drop, 0)),
                $moment,
                $seconds,
                $every,
                $step,
            );
            if ($trail !== null) {
                yield $trail;
            }
        }
    }

    private function trail(
        Viewpoint $view,
        int $drop,
        float $moment,
        float $seconds,
        int $standsFor,
        float $step,
    ): ?Trail {
        $left = ($drop + self::chance($drop, 1)) / $this->perSecond;
        $angle = 2 * M_PI * self::chance($drop, 2);
        // What leaves the far side of a rim is hidden behind the bowl.
        if ($this->ring > 0.0 && sin($angle) > 0.2) {
            return null;
        }
        $up = $this->up * (0.92 + 0.16 * self::chance($drop, 3));
        $out = $this->out * (0.5 + self::chance($drop, 4));
        $fall = ($up + sqrt($up ** 2 + 2 * self::GRAVITY * ($this->at[1] - $this->floor))) / self::GRAVITY;
        [$from, $to] = [max($moment, $left) - $left, min($moment + $seconds, $left + $fall) - $left];
        if ($to < $from || $from > $fall || $to < 0) {
            return null;
        }
        $where = fn (float $t): array => [
            $this->at[0] + cos($angle) * ($this->ring + $out * $t),
            $this->at[1] + $up * $t - (self::GRAVITY * $t * $t) / 2,
            $this->at[2] + sin($angle) * ($this->ring + $out * $t),
        ];
        $middle = $view->see($where(($from + $to) / 2));
        if ($middle === null) {
            return null;
        }
        $perMetre = $view->widthsPerMetre($middle['distance']);
        $fastest = max(abs($up - self::GRAVITY * $from), abs($up - self::GRAVITY * $to)) + $out;
        $count = 1 + (int) ceil((($to - $from) * $fastest * $perMetre) / $step);
        $points = [];
        for ($i = 0; $i < $count; $i++) {
            $seen = $view->see($where($from + (($to - $from) * ($i + 0.5)) / $count));
            if ($seen !== null) {
                $points[] = [$seen['x'], $seen['y']];
            }
        }
        // How long it is there at all, as a share of the exposure.
        $share = $seconds > 0 ? min(1.0, ($to - $from) / $seconds) : 1.0;

        return $points === []
            ? null
            : new Trail($points, (($standsFor * $share * M_PI) / 4) * ($this->size * $perMetre) ** 2);
    }

    /** A number from 0 to 1 that belongs to a drop. */
    private static function chance(int $drop, int $which): float
    {
        return SeededRandom::of('drop '.$drop.' '.$which);
    }
}
