<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Kit\Flash;

/** A guide number, a distance and an ISO: which aperture does the flash ask for? Later it is bounced, or only fills. */
final class FlashDrills extends DrillMaker
{
    private const GUIDE_NUMBERS = [20.0, 28.0, 40.0, 56.0];

    /** m. */
    private const DISTANCES = [1.4, 2.0, 2.8, 4.0, 5.6];

    /** Steps of thirds between which an aperture is asked for: f/1.4 to f/22. */
    private const APERTURES = [3, 27];

    public function make(DrillScene $scene, int $level, int $seed, Approach $approach = new Approach()): Drill
    {
        $draw = new RandomChoice($seed);
        do {
            [$number, $distance] = [$draw->one(self::GUIDE_NUMBERS), $draw->one(self::DISTANCES)];
            $iso = 100 * 2 ** $draw->whole(0, $level === 1 ? 1 : 3);
            $isBounced = $level >= 3 && $draw->whole(0, 1) === 1;
            $under = $level >= 4 ? $draw->whole(0, 2) : 0;
            $spare = (new Flash($number))->stopsToSpare(1.0, $distance, $iso, $isBounced ? Flash::BOUNCE_STOPS : 0.0);
            $step = (int) round(3 * ($spare + $under));
        } while ($step < self::APERTURES[0] || $step > self::APERTURES[1]);

        return new Drill(
            kind: DrillKind::Flash,
            level: $level,
            seed: $seed,
            scene: $scene->id,
            question: sprintf(
                'A flash of guide number %d at full power%s, %s m from the subject, ISO %d. Which aperture %s?',
                $number,
                $isBounced ? ', turned to a white ceiling that takes two stops' : '',
                $distance,
                $iso,
                match ($under) {
                    0 => 'does it ask for',
                    1 => 'lets it fill 1 stop under',
                    default => sprintf('lets it fill %d stops under', $under),
                },
            ),
            answer: new DrillAnswer(
                unit: AnswerUnit::FNumber,
                right: Aperture::atStep($step)->exact,
                why: sprintf(
                    'Guide number through distance is ƒ/%.1f at ISO 100; each doubling of ISO closes a stop%s%s.',
                    $number / $distance,
                    $isBounced ? ', the ceiling opens two' : '',
                    $under > 0 ? sprintf(', and to fill it closes %d more', $under) : '',
                ),
            ),
        );
    }
}
