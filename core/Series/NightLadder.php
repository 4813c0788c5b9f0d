<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;

/**
 * At night one starts long and comes down a stop at a time, until lamps keep their shape and stars stay points. From
 * the last frame follows the next rung.
 */
final readonly class NightLadder
{
    /** What went through powers and roots lies beside its limit by a hair. */
    private const TOLERANCE = 1.0 + 1e-9;

    /**
     * @param  float  $lostLimit  lost highlights that lamps may come to, in % of the frame
     * @param  ?float  $starLimit  the longest time in s that keeps stars points; null where none are meant
     * @param  Iso  $highest  that is to be used
     */
    public function __construct(public float $lostLimit, public ?float $starLimit, public Iso $highest)
    {
    }

    /**
     * The next rung below a frame; null where this one holds.
     *
     * @param  float  $lost  lost highlights of the frame, in %
     */
    public function after(ExposureSettings $frame, float $lost): ?NightRung
    {
        $shorter = $frame->withTime(ExposureTime::nearest($frame->time->exact / 2));
        if ($lost > $this->lostLimit) {
            return new NightRung($shorter, NightReason::Lamps);
        }
        if ($this->starLimit === null || $frame->time->exact <= $this->starLimit * self::TOLERANCE) {
            return null;
        }
        // The lamps are right: what the time loses, ISO gives back, as far as it goes.
        $iso = Iso::nearest($frame->iso->exact * 2);

        return $iso->exact > $this->highest->exact * self::TOLERANCE
            ? new NightRung($shorter, NightReason::StarsInDarkerLight)
            : new NightRung($shorter->withIso($iso), NightReason::Stars);
    }
}
