<?php

declare(strict_types=1);

namespace App\Console\Benchmarks;

use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Optics\SensorFormat;

/** Times the adviser over kits of one lens to thirty, with everything asked for that can be. */
final class AdviserBench
{
    /** Focal lengths and widest apertures of lenses that people own, both ends. */
    private const LENSES = [
        [24, 70, 2.8, 2.8],
        [50, 50, 1.8, 1.8],
        [35, 35, 2, 2],
        [70, 200, 4, 4],
        [18, 135, 3.5, 5.6],
        [85, 85, 1.8, 1.8],
        [16, 35, 4, 4],
        [100, 400, 4.5, 5.6],
        [28, 28, 2.8, 2.8],
        [24, 105, 4, 4],
    ];

    /** @return list<array{string, string, string, string}> rows of a table */
    public function rows(int $runs): array
    {
        $watch = new Stopwatch($runs);
        foreach ([1, 2, 4, 8, 16, 30] as $lenses) {
            $request = $this->request($lenses, 50.0);
            $watch->time(
                sprintf('advice over %d %s, framing given', $lenses, $lenses === 1 ? 'lens' : 'lenses'),
                fn () => KitAdviser::advise($request),
            );
        }
        $free = $this->request(8, null);
        $watch->time('advice over 8 lenses, any framing', fn () => KitAdviser::advise($free));
        $dark = $this->request(8, 50.0, light: -6.0);
        $watch->time('advice over 8 lenses, impossible: what would help', fn () => KitAdviser::advise($dark));

        return $watch->rows();
    }

    private function request(int $lenses, ?float $framing, float $light = 9.0): AdviceRequest
    {
        $kit = [];
        for ($i = 0; $i < $lenses; $i++) {
            [$short, $long, $wide, $tele] = self::LENSES[$i % count(self::LENSES)];
            $kit[] = new Lens('lens '.($i + 1), $short, $long, $wide, $tele, 22.0, 0.4);
        }

        return new AdviceRequest(
            Ev100::of($light),
            new Kit(
                new Body(
                    'a body',
                    SensorFormat::fullFrame(),
                    pixelsAcross: 6000,
                    stabiliserStops: 4,
                    comfortableIso: 3200,
                ),
                $kit,
                [Support::Hand, Support::Monopod, Support::Tripod],
                [3.0, 6.0, 10.0],
            ),
            new Intent(
                distances: new IntendedDistances(subject: 3.0, near: 2.7, far: 3.4),
                movement: new Movement(MovementLook::Acceptable, 1.4),
                focalLength35: $framing,
                maxIso: 12800,
            ),
        );
    }
}
