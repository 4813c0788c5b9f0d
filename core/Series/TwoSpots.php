<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

use InvalidArgumentException;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\Stops;

/**
 * A scene by two spot readings: its darkest and its brightest place that are to keep detail. A sensor holds so many
 * stops between them, of which some lie above mid-grey.
 */
final readonly class TwoSpots
{
    /**
     * @param  Ev100  $dark  reading of the darkest place
     * @param  Ev100  $bright  reading of the brightest place
     *
     * @throws InvalidArgumentException when they are the wrong way round
     */
    public function __construct(public Ev100 $dark, public Ev100 $bright)
    {
        if ($bright->value <= $dark->value) {
            throw new InvalidArgumentException(
                sprintf(
                    'The bright place reads more than the dark one; got EV %s and EV %s.',
                    round($bright->value, 2),
                    round($dark->value, 2),
                ),
            );
        }
    }

    /** What lies between them. */
    public function range(): Stops
    {
        return Stops::of($this->bright->value - $this->dark->value);
    }

    /**
     * The exposures that hold both between them, as EV at ISO 100 of the settings: the first keeps the bright place
     * just within what the sensor holds, each one after that gives a step more light.
     *
     * @param  float  $usable  stops that one frame holds with detail
     * @param  float  $headroom  stops of them above mid-grey
     * @param  float  $step  stops from frame to frame
     * @return list<Ev100>
     *
     * @throws InvalidArgumentException
     */
    public function exposures(float $usable, float $headroom, float $step): array
    {
        if ($headroom <= 0.0 || $headroom >= $usable) {
            throw new InvalidArgumentException(
                sprintf('Of %s usable stops some lie above mid-grey and some below; got %s above.', $usable, $headroom),
            );
        }

        return array_map(
            fn (int $frame): Ev100 => Ev100::of($this->bright->value - $headroom - $frame * $step),
            range(0, BracketLength::frames($this->range()->value, $usable, $step) - 1),
        );
    }
}
