<?php

declare(strict_types=1);

namespace Tests\Core\Properties;

use Eris\Generator;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Exposure\StopIncrement;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Optics\SensorFormat;

/**
 * Properties over many generated cases: a hundred, or as many as PUPIL_CASES says. A failure prints the seed;
 * ERIS_SEED=… runs the same cases again.
 */
abstract class PropertyTestCase extends TestCase
{
    use TestTrait;

    protected const LENSES = [
        [50, 50, 1.8, 1.8, 16, 0.45],
        [35, 35, 2, 2, 16, 0.3],
        [24, 70, 2.8, 2.8, 22, 0.4],
        [18, 135, 3.5, 5.6, 22, 0.5],
        [70, 200, 4, 4, 22, 1.0],
        [85, 85, 1.4, 1.4, 16, 0.8],
        [16, 35, 4, 4, 22, 0.3],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->limitTo(self::cases());
    }

    /** How many cases are tried. */
    protected static function cases(): int
    {
        return max(1, (int) (getenv('PUPIL_CASES') ?: 100));
    }

    /** Thirds of a stop. */
    protected function thirds(int $from, int $to): Generator
    {
        return Generators::choose($from, $to);
    }

    protected function anyMask(int $bits): Generator
    {
        return Generators::choose(1, 2 ** $bits - 1);
    }

    /** @param  int  $mask  which lenses, by bit */
    protected static function kit(int $mask, int $extras, bool $halfStops = false): Kit
    {
        $lenses = [];
        foreach (self::LENSES as $bit => [$short, $long, $wide, $tele, $smallest, $closest]) {
            if ((($mask >> $bit) & 1) === 1) {
                $lenses[] = new Lens(
                    sprintf('%d–%d mm', $short, $long),
                    $short,
                    $long,
                    $wide,
                    $tele,
                    $smallest,
                    $closest,
                );
            }
        }

        return new Kit(
            new Body(
                'a body',
                SensorFormat::parse(['36x24', '23.5x15.6', '17.3x13'][$extras % 3]),
                new BodyLimits(
                    fastest: 1 / 4000,
                    slowest: 30,
                    isoMin: 100,
                    isoMax: 12800,
                    increment: $halfStops ? StopIncrement::Half : StopIncrement::Third,
                ),
                6000,
                $extras % 4,
            ),
            $lenses,
            match ($extras % 5) {
                0, 1 => [Support::Hand],
                2 => [Support::Hand, Support::Monopod],
                3 => [Support::Tripod],
                default => [Support::Hand, Support::Tripod],
            },
            [[], [3.0], [6.0, 10.0], [2.0, 3.0, 6.0]][$extras % 4],
        );
    }

    /** An intent, from one number: depth, movement, separation, ceiling and framing come and go with its parts. */
    protected static function intent(int $choice, float $distance): Intent
    {
        $looks = [
            MovementLook::Freeze,
            MovementLook::Acceptable,
            MovementLook::Streak,
            MovementLook::Silk,
            MovementLook::Pan,
        ];
        $depth = $choice % 3;
        $wants = intdiv($choice, 3) % 6;
        $separates = $depth === 0 && intdiv($choice, 18) % 2 === 1;

        return new Intent(
            distances: new IntendedDistances(
                subject: $distance,
                near: $depth === 0 ? null : $distance * 0.85,
                far: $depth === 0 ? null : $distance * ($depth === 1 ? 1.2 : 3),
                background: $separates ? $distance * 5 : null,
                separation: $separates ? 1.5 : null,
            ),
            movement: $wants === 5 ? null : new Movement($looks[$wants], intdiv($choice, 36) % 2 === 0 ? 1.4 : null),
            focalLength35: intdiv($choice, 72) % 2 === 0 ? null : 50.0,
            maxIso: intdiv($choice, 144) % 2 === 0 ? null : 3200.0,
        );
    }
}
