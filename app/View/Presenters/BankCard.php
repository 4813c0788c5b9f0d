<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\View\Drawings\PupilDrawing;
use TruePupil\Core\Bank\Bank;
use TruePupil\Core\Bank\BankConflicts;
use TruePupil\Core\Bank\LensClamp;
use TruePupil\Core\Bank\PackUp;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\BodyLimits;
use TruePupil\Core\Kit\Kit;

/**
 * A settings bank as a card: its values, what each lens of the kit makes of them, what cannot work, what to put back.
 */
final readonly class BankCard
{
    public function __construct(public int $id, public Bank $bank, private ?Kit $kit)
    {
    }

    /** @return list<array{string, string}> */
    public function lines(): array
    {
        $bank = $this->bank;

        return array_values(
            array_filter([
                ['Mode', $bank->mode->label()],
                ['Aperture', $bank->aperture() === null ? 'the camera chooses' : (string) $bank->aperture()],
                [
                    'Time',
                    $bank->time() === null
                        ? 'the camera chooses'.
                            ($bank->slowest === null ? '' : ', no longer than '.ExposureTime::of($bank->slowest))
                        : (string) $bank->time(),
                ],
                ['ISO', $bank->iso === null ? 'automatic' : (string) $bank->isoValue()],
                abs($bank->compensation) > 1e-6 ? ['Compensation', Stops::of($bank->compensation)->signed()] : null,
                ['Metering', $bank->metering->label()],
                [
                    'Focus',
                    ['single' => 'single', 'continuous' => 'continuous', 'manual' => 'by hand'][$bank->focus->value].
                    ($bank->detection ? ', looks for '.$bank->detection : ''),
                ],
                ['Drive', $bank->drive],
                ['White balance', $bank->whiteBalance],
                $bank->stabiliser === null ? null : ['Stabiliser', $bank->stabiliser ? 'on' : 'off'],
                $bank->silent ? ['Shutter', 'silent'] : null,
                $bank->flash ? ['Flash', 'on'] : null,
            ]),
        );
    }

    /** @return list<LensClamp> for every lens of the kit, at both ends of a zoom */
    public function clamps(): array
    {
        return array_merge(
            ...array_map(fn ($lens): array => LensClamp::of($this->bank, $lens), $this->kit->lenses ?? []),
            ...[[]],
        );
    }

    public function pupil(LensClamp $clamp): ?PupilDrawing
    {
        return PupilDrawing::of(
            new CaptureRecord(
                fNumber: $clamp->given,
                focalLength: $clamp->focalLength,
                widestFNumber: $clamp->lens->widestAt($clamp->focalLength)->nominal(),
            ),
        );
    }

    /** @return list<string> */
    public function conflicts(): array
    {
        return BankConflicts::of($this->bank, $this->kit->body->limits ?? new BodyLimits());
    }

    /** @return list<string> */
    public function packUp(): array
    {
        return PackUp::after($this->bank, Iso::of($this->kit->body->limits->isoBase ?? 100.0));
    }
}
