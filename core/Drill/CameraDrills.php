<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\IsoSetting;
use TruePupil\Core\Approach\Start;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\AutoIso;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\LensLimits;
use TruePupil\Core\Modes\ExposureRequest;
use TruePupil\Core\Modes\ExposureSolver;
use TruePupil\Core\Modes\SetValues;

/**
 * What the camera adds: the time, then with compensation, then the aperture, then automatic ISO with its slowest time.
 */
final class CameraDrills extends DrillMaker
{
    public function make(DrillScene $scene, int $level, int $seed, Approach $approach = new Approach()): Drill
    {
        $draw = new RandomChoice($seed);
        $grain = $level === 1 ? 3 : 1;
        $about = self::settings($draw, $scene->ev100, $grain);
        $light = $about->ev100()->value;
        $compensation = $level >= 2 ? $draw->either(1, 6) / 3 : 0.0;
        // Where ISO stays the person's, nobody is asked what the camera would make of it.
        $leavesIso = $approach->light->iso === IsoSetting::Automatic;
        $modes = match (true) {
            $leavesIso && $approach->start === Start::Manual => [ExposureMode::ManualAutoIso],
            $level <= 2 => [ExposureMode::Aperture],
            $level === 3 => [ExposureMode::Shutter],
            $leavesIso => [ExposureMode::Aperture, ExposureMode::Shutter, ExposureMode::ManualAutoIso],
            default => [ExposureMode::Aperture, ExposureMode::Shutter],
        };
        $mode = $draw->one($modes);
        $autoIso = $mode === ExposureMode::ManualAutoIso || ($leavesIso && $level >= 3);
        $request = new ExposureRequest(
            sceneEv100: $light,
            mode: $mode,
            lens: new LensLimits(1.8, 22.0),
            body: new BodyLimits(),
            set: new SetValues(
                aperture: $mode === ExposureMode::Shutter ? null : $about->aperture,
                time: $mode === ExposureMode::Aperture ? null : $about->time,
                iso: $autoIso ? null : $about->iso,
                autoIso: new AutoIso(100, 6400, 1 / 60),
                compensation: $compensation,
            ),
        );
        $solved = ExposureSolver::solve($request);
        [$unit, $right, $what] = match ($mode) {
            ExposureMode::Aperture => [AnswerUnit::Time, $solved->settings->time->exact, 'time'],
            ExposureMode::Shutter => [AnswerUnit::FNumber, $solved->settings->aperture->exact, 'aperture'],
            default => [AnswerUnit::Iso, $solved->settings->iso->exact, 'ISO'],
        };
        $set = array_filter([
            $mode === ExposureMode::Shutter ? null : (string) $about->aperture,
            $mode === ExposureMode::Aperture ? null : (string) $about->time,
            $autoIso ? 'automatic ISO from 100 to 6400, no slower than 1/60 s before ISO rises' : (string) $about->iso,
        ]);

        return new Drill(
            kind: DrillKind::CameraChooses,
            level: $level,
            seed: $seed,
            scene: $scene->id,
            question: sprintf(
                '%s: the meter reads EV %.1f at ISO 100. The camera is in %s with %s%s; the lens opens to ƒ/1.8 and '.
                    'closes to ƒ/22. Which %s does it choose?',
                $scene->title,
                $light,
                $mode->label(),
                implode(', ', $set),
                $compensation === 0.0 ? '' : ', compensation '.Stops::of($compensation)->signed(),
                $what,
            ),
            answer: new DrillAnswer(
                unit: $unit,
                right: $right,
                why: 'The camera moves what is its own until light, settings and compensation balance'.
                    ($solved->limits === []
                        ? '.'
                        : ', and stops where it must: '.
                            implode(' ', array_map(fn ($limit): string => $limit->message, $solved->limits))),
                ledgers: [
                    LightLedger::of(Ev100::of($light), $about, Stops::none()),
                    LightLedger::of(
                        Ev100::of($light),
                        $solved->settings,
                        Stops::of($compensation),
                        wantedLabel: 'Compensation asks for',
                    ),
                ],
            ),
        );
    }
}
