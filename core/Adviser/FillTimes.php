<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Kit\Flash;

/**
 * The times at which the flash of the kit can fill what the light there is leaves dark: a second layer on the exposure
 * map.
 *
 * The ISO that the light forces at a cell lifts the flash as well, so that N drops out: what counts is the time. With
 * Sv = Av + Tv − Ev and a flash that exceeds what is needed by 2·log₂(GN/d) + Sv − Av − 2·log₂(1+m) stops, it fills
 * at F stops under from Tv = Ev + 2·log₂(1+m) − 2·log₂(GN/d) + F on, and up to the sync time.
 */
final readonly class FillTimes
{
    private function __construct(
        /** Tv of the longest and of the shortest time at which it fills; null where it never does. */
        public ?float $from,
        public ?float $to,
        /** In a sentence. */
        public string $why,
    ) {
    }

    /** Null where there is no flash, where it is of no use, or where nobody knows how far the subject is. */
    public static function of(AdviceRequest $request, Setup $setup): ?self
    {
        [$flash, $distance] = [
            $request->kit->flash,
            $request->kit->flash->place->distance ?? $request->intent->distances->subject,
        ];
        if ($flash === null || $distance === null || ! (new FlashAdvice($request))->isOfUse()) {
            return null;
        }
        $from = $setup->light($request) + $setup->filter + 2 * log(1 + $setup->demands->magnification, 2)
            - 2 * log($flash->guideNumber / $distance, 2) + FlashAdvice::FILL;
        $time = fn (float $tv): string => (string) ExposureTime::nearest(2 ** -$tv);
        $sync = -log($request->kit->body->limits->syncTime(), 2);
        if ($from > $sync + 1e-6) {
            return new self(null, null, sprintf(
                'At %s m the flash is too weak to fill in this light, whatever the aperture: up to %s it syncs, '
                    .'and it would have to be nearer than %s m.',
                self::metres($distance),
                $time($sync),
                self::metres($distance * 2 ** (($sync - $from) / 2)),
            ));
        }
        // What it loses there grows as the time gets shorter, just as fast as the surroundings get less.
        $isFaster = $flash->highSpeedSync && $sync - $from >= Flash::HIGH_SPEED_STOPS;
        $longest = max($from, $setup->demands->time->slowest);

        return new self(
            $longest,
            $isFaster ? $setup->demands->time->fastest : $sync,
            $isFaster
                ? sprintf('The flash fills from %s on, beyond %s by high-speed sync.', $time($longest), $time($sync))
                : sprintf('The flash fills from %s to %s, where sync ends.', $time($longest), $time($sync)),
        );
    }

    private static function metres(float $metres): string
    {
        return $metres < 10 ? (string) round($metres, 1) : (string) round($metres);
    }
}
