<?php

declare(strict_types=1);

namespace TruePupil\Core\Bank;

use TruePupil\Core\Approach\Sharpness;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Motion\Stir;

/**
 * A kind of subject, with a starting point for its settings. The starts are rules of thumb; each says in a word why.
 */
enum BankKind: string
{
    case SmallFastAnimals = 'small-fast-animals';
    case CalmAnimals = 'calm-animals';
    case CloseUpFlash = 'close-up-flash';
    case NightSky = 'night-sky';
    case Landscape = 'landscape';
    case Street = 'street';
    case Portrait = 'portrait';
    case Sport = 'sport';
    case TableTop = 'table-top';
    case FlowingWater = 'flowing-water';
    case Stage = 'stage';

    public function label(): string
    {
        return match ($this) {
            self::SmallFastAnimals => 'small, fast animals',
            self::CalmAnimals => 'larger, calm animals',
            self::CloseUpFlash => 'close-ups with flash',
            self::NightSky => 'night sky',
            self::Landscape => 'landscape on a tripod',
            self::Street => 'street',
            self::Portrait => 'portrait',
            self::Sport => 'sport',
            self::TableTop => 'table-top',
            self::FlowingWater => 'flowing water',
            self::Stage => 'stage',
        };
    }

    /** Why it starts there. */
    public function reason(): string
    {
        return match ($this) {
            self::SmallFastAnimals => 'The time is what matters; ISO follows the light. Silent, so that nothing '.
                'takes fright.',
            self::CalmAnimals => 'A wide aperture parts the animal from its ground; the floor for the time is for '.
                'your hands. Silent, so that it stays.',
            self::CloseUpFlash => 'The flash makes the picture: ambient light is left out by a small aperture at the '.
                'sync time.',
            self::NightSky => 'Everything by hand: no meter reads the stars, and the time is as long as they stay '.
                'points.',
            self::Landscape => 'Depth first, base ISO, and a time as long as it takes: the tripod holds it.',
            self::Street => 'Depth for what happens suddenly, and a time that freezes a walk.',
            self::Portrait => 'Wide, on the near eye, metered on the face.',
            self::Sport => 'A time for the fastest limb, the widest aperture, and ISO for the rest.',
            self::TableTop => 'Nothing moves: base ISO, enough depth, and light that you set yourself.',
            self::FlowingWater => 'Silk from half a second on; a filter makes room for it.',
            self::Stage => 'Faces in their own light: spot metering, silent, no flash.',
        };
    }

    /** Whether time and aperture are what counts, and ISO follows the light on purpose. */
    public function letsIsoFollow(): bool
    {
        return in_array($this, [self::SmallFastAnimals, self::Sport, self::Stage], true);
    }

    /** Times are those that hold what stirs (Stir), as everywhere else. */
    public function start(): Bank
    {
        [$continuous, $manual, $strict] = [FocusMode::Continuous, FocusMode::Manual, Sharpness::Strict];

        return match ($this) {
            self::SmallFastAnimals => $this->bank(
                new BankExposure(ExposureMode::ManualAutoIso, 4, Stir::Flying->longest()),
                new BankHandling($continuous, 'animals', 'continuous', stabiliser: true, silent: true),
            ),
            self::CalmAnimals => $this->bank(
                new BankExposure(ExposureMode::Aperture, 2.8, slowest: Stir::Playing->longest($strict)),
                new BankHandling($continuous, 'animals', stabiliser: true, silent: true),
            ),
            self::CloseUpFlash => $this->bank(
                new BankExposure(ExposureMode::Manual, 11, 1 / 160, 200, flash: true),
                new BankHandling($manual),
            ),
            self::NightSky => $this->bank(
                new BankExposure(ExposureMode::Manual, 2, 15, 3200),
                new BankHandling($manual, whiteBalance: '4000 K', stabiliser: false),
                isNight: true,
            ),
            self::Landscape => $this->bank(
                new BankExposure(ExposureMode::Aperture, 8, iso: 100),
                new BankHandling(stabiliser: false),
            ),
            self::Street => $this->bank(
                new BankExposure(ExposureMode::Aperture, 8, slowest: Stir::Walking->longest($strict)),
                new BankHandling(stabiliser: true),
            ),
            self::Portrait => $this->bank(
                new BankExposure(
                    ExposureMode::Aperture,
                    2,
                    slowest: Stir::Talking->longest(),
                    metering: MeteringPattern::Spot,
                ),
                new BankHandling(detection: 'eyes', stabiliser: true),
            ),
            self::Sport => $this->bank(
                new BankExposure(ExposureMode::ManualAutoIso, 2.8, Stir::Running->longest($strict)),
                new BankHandling($continuous, 'people', 'continuous', stabiliser: true),
            ),
            self::TableTop => $this->bank(
                new BankExposure(ExposureMode::Manual, 11, 1 / 8, 100),
                new BankHandling($manual, whiteBalance: '5500 K', stabiliser: false),
            ),
            self::FlowingWater => $this->bank(
                new BankExposure(ExposureMode::Shutter, exposureTime: 0.5, iso: 100),
                new BankHandling(stabiliser: false),
            ),
            self::Stage => $this->bank(
                new BankExposure(
                    ExposureMode::ManualAutoIso,
                    2.8,
                    Stir::OnStage->longest($strict),
                    metering: MeteringPattern::Spot,
                ),
                new BankHandling(stabiliser: true, silent: true),
            ),
        };
    }

    private function bank(
        BankExposure $exposure,
        BankHandling $handling = new BankHandling(),
        bool $isNight = false,
    ): Bank {
        return new Bank($this, ucfirst($this->label()), $exposure, $handling, $isNight);
    }
}
