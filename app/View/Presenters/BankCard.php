<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\View\Drawings\PupilDrawing;
use Stringable;
use TruePupil\Core\Bank\Bank;
use TruePupil\Core\Bank\BankConflicts;
use TruePupil\Core\Bank\BankFormat;
use TruePupil\Core\Bank\LensClamp;
use TruePupil\Core\Bank\PackUp;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedLens;
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
                $bank->body->season === '' ? null : ['When', $bank->body->season],
                [
                    'Mode',
                    $bank->exposure->mode->label().
                        ($bank->body->dial === '' ? '' : sprintf(', %s on the dial', $bank->body->dial)),
                ],
                [
                    'Aperture',
                    ($bank->aperture() === null ? 'the camera chooses' : (string) $bank->aperture()).
                        self::upTo($bank->range->aperture()),
                ],
                [
                    'Time',
                    $bank->time() === null
                        ? 'the camera chooses'.
                            ($bank->exposure->slowest === null
                                ? ''
                                : ', no longer than '.ExposureTime::of($bank->exposure->slowest))
                        : $bank->time().self::upTo($bank->range->time()),
                ],
                [
                    'ISO',
                    ($bank->exposure->iso === null ? 'automatic' : (string) $bank->isoValue()).
                        self::upTo($bank->range->isoValue()),
                ],
                abs($bank->exposure->compensation) > 1e-6
                    ? ['Compensation', Stops::of($bank->exposure->compensation)->signed()]
                    : null,
                ['Metering', $bank->exposure->metering->label()],
                [
                    'Focus',
                    ['single' => 'single', 'continuous' => 'continuous', 'manual' => 'by hand'][
                        $bank->handling->focus->value
                    ].($bank->handling->detection ? ', looks for '.$bank->handling->detection : ''),
                ],
                $bank->handling->area === null ? null : ['Focus area', $bank->handling->area->label()],
                ['Drive', BankFormat::DRIVES[$bank->handling->drive] ?? $bank->handling->drive],
                ['White balance', $bank->handling->whiteBalance],
                $bank->handling->stabiliser === null
                    ? null
                    : ['Stabiliser', $bank->handling->stabiliser ? 'on' : 'off'],
                $bank->handling->silent ? ['Shutter', 'silent'] : null,
                $bank->exposure->flash ? ['Flash', 'on'] : null,
                $bank->body->profile === '' ? null : ['Picture profile', $bank->body->profile],
                $bank->body->buttons === '' ? null : ['Buttons', $bank->body->buttons],
            ]),
        );
    }

    private static function upTo(?Stringable $value): string
    {
        return $value === null ? '' : ', as far as '.$value;
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
                exposure: new RecordedExposure(fNumber: $clamp->given),
                lens: new RecordedLens(
                    focalLength: $clamp->focalLength,
                    widestFNumber: $clamp->lens->widestAt($clamp->focalLength)->nominal(),
                ),
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
