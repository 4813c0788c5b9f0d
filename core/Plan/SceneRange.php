<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Film\Film;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\UsableRange;
use TruePupil\Core\Series\TwoSpots;

/** A scene's range by two spot readings, against what a sensor or a film holds; and the frames that hold it. */
final readonly class SceneRange
{
    /** From frame to frame of a bracket, in stops. */
    public const STEP = 2.0;

    /**
     * @param  Stops  $holds  what one frame holds with detail
     * @param  list<Ev100>  $exposures  of the frames, as EV at ISO 100 of the settings; the first is the darkest
     * @param  Stops  $over  how far the bright place lies beyond what is held; only film, which is exposed once
     */
    private function __construct(
        public TwoSpots $spots,
        public Stops $holds,
        public array $exposures,
        public Stops $over,
        public bool $isFilm,
    ) {
    }

    /** At base ISO; a bracket where one frame does not hold it. @param  ?Body  $body  null: a common one */
    public static function ofSensor(TwoSpots $spots, ?Body $body): self
    {
        $base = Iso::of($body->limits->isoBase ?? 100.0);
        $holds = UsableRange::of($body, $base);
        $headroom = UsableRange::headroom($body, $base);

        return new self(
            $spots,
            $holds,
            $spots->exposures($holds->value, $headroom->value, self::STEP),
            Stops::none(),
            false,
        );
    }

    /**
     * One frame: negatives place the dark place as low as they hold it, slides the bright place as high.
     */
    public static function ofFilm(TwoSpots $spots, Film $film): self
    {
        [$below, $above] = $film->kind->range();
        $exposure = $film->kind->protectsShadows()
            ? $spots->dark->value - $below
            : $spots->bright->value - $above;

        return new self(
            $spots,
            Stops::of($above - $below),
            [Ev100::of($exposure)],
            Stops::of(max(0.0, $spots->range()->value - ($above - $below))),
            true,
        );
    }

    public function sentence(): string
    {
        return sprintf('From the dark place to the bright one: %s. ', $this->spots->range()->inWords()).
            $this->verdict();
    }

    /** What is held, and the frames that it takes. */
    public function verdict(): string
    {
        $holds = sprintf(
            '%s holds about %s.',
            $this->isFilm ? 'Your film' : 'One frame at base ISO',
            $this->holds->inWords(),
        );
        $first = sprintf('EV %.1f at ISO 100', $this->exposures[0]->value);

        return $holds.' '.match (true) {
            $this->over->value > 1 / 6 => sprintf(
                'Set for %s it loses %s at the other end: wait for softer light, or choose what may go.',
                $first,
                $this->over->inWords(),
            ),
            count($this->exposures) === 1 => sprintf('One frame holds it; set for %s.', $first),
            default => sprintf(
                'It takes %d frames, %s apart, the darkest set for %s: same aperture, same ISO, only the time changes.',
                count($this->exposures),
                Stops::of(self::STEP)->inWords(),
                $first,
            ),
        };
    }
}
