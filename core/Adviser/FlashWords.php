<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\FlashPlace;
use TruePupil\Core\Optics\Metres;

/** What is said of settings with the flash of the kit. */
final class FlashWords
{
    public static function title(AdviceRequest $request, FlashCandidate $flash, ExposureSettings $settings): string
    {
        return sprintf(
            '%s: %s',
            match (true) {
                $flash->flash->fillStops !== null => 'Fill the shadows with the flash, '.
                    Stops::of($flash->flash->fillStops)->inWords().' under',
                $flash->flash->place !== null => self::setUp($flash->flash->place),
                $flash->flash->isBounced => 'Turn the flash to the ceiling and let it be the light',
                default => 'Let the flash be the light',
            },
            $settings,
        );
    }

    /** @return list<string> */
    public static function gains(FlashCandidate $flash): array
    {
        return array_filter([
            $flash->flash->fillStops === null
                ? 'it stops hands and faces, however dim the room is'
                : 'the face is lit, and what lies behind it keeps its tones',
            $flash->flash->fillStops === null && $flash->under > 1 / 3
                ? sprintf('what the flash does not reach stays %s under it', Stops::of($flash->under)->inWords())
                : null,
        ]);
    }

    /** @return list<string> */
    public static function costs(FlashCandidate $flash): array
    {
        return array_values(array_filter([
            self::power($flash->flash->power),
            $flash->flash->isBounced ? 'a white ceiling or wall is needed; two stops are lost on the way' : null,
            $flash->flash->isHighSpeed ? 'high-speed sync: the flash has less to give, and tires sooner' : null,
            $flash->flash->place === null ? null : self::shadow($flash->flash->place),
            $flash->flash->fillStops === null && ! $flash->flash->isBounced && $flash->flash->place === null
                ? 'light from the camera is hard: off to a side or through something white it is kinder'
                : null,
        ]));
    }

    private static function setUp(FlashPlace $place): string
    {
        return sprintf(
            'Set the flash up %s, %s from your subject, and let it be the light',
            $place->sideInWords(),
            Metres::text($place->distance),
        );
    }

    private static function shadow(FlashPlace $place): string
    {
        $shadow = $place->shadow(1.0);

        return $place->look().($shadow === null ? '' : sprintf(
            '; on a wall a metre behind, its shadow falls %s to the other side and %s %s',
            Metres::text($shadow['aside']),
            Metres::text(abs($shadow['below'])),
            $shadow['below'] < 0.0 ? 'higher' : 'lower',
        ));
    }

    private static function power(float $share): string
    {
        $step = max(0, (int) floor(-log($share, 2) + 1e-6));

        return $step === 0 ? 'the flash gives all it has: it needs some seconds after each frame'
            : sprintf('the flash at about 1/%d of its power', min(128, 2 ** $step));
    }
}
