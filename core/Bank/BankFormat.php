<?php

declare(strict_types=1);

namespace TruePupil\Core\Bank;

use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Metering\MeteringPattern;

/** Reads a settings bank from decoded JSON. */
final class BankFormat
{
    public const DRIVES = [
        'single' => 'single',
        'continuous' => 'continuous',
        'bracket' => 'bracket',
        'before-press' => 'a burst that begins before the press',
        'composite' => 'several exposures in one file',
    ];

    public const DETECTION = [
        '' => 'a point that you set',
        'people' => 'people',
        'eyes' => 'eyes',
        'animals' => 'animals',
        'vehicles' => 'vehicles',
    ];

    /** @throws \InvalidArgumentException naming what is wrong */
    public static function read(Fields $data): Bank
    {
        $drive = $data->textOrNull('drive') ?? 'single';
        $stabiliser = $data->raw('stabiliser');

        return new Bank(
            kind: $data->choice('kind', BankKind::class) ?? BankKind::Street,
            name: $data->textOrNull('name') ?? 'Bank',
            exposure: new BankExposure(
                mode: $data->choice('mode', ExposureMode::class) ?? ExposureMode::Aperture,
                fNumber: $data->positiveOrNull('fNumber'),
                exposureTime: $data->positiveOrNull('exposureTime'),
                iso: $data->positiveOrNull('iso'),
                metering: $data->choice('metering', MeteringPattern::class) ?? MeteringPattern::Scene,
                compensation: $data->numberOr('compensation', 0.0),
                flash: $data->flag('flash') ?? false,
                slowest: $data->positiveOrNull('slowest'),
            ),
            handling: new BankHandling(
                focus: $data->choice('focus', FocusMode::class) ?? FocusMode::Single,
                drive: isset(self::DRIVES[$drive]) ? $drive : 'single',
                whiteBalance: $data->textOrNull('whiteBalance') ?? 'automatic',
                stabiliser: is_bool($stabiliser) ? $stabiliser : null,
                detection: $data->textOrNull('detection'),
                silent: $data->flag('silent') ?? false,
                area: $data->choice('area', FocusArea::class),
            ),
            isNight: $data->flag('isNight') ?? false,
            range: new BankRange(
                $data->positiveOrNull('fNumberTo'),
                $data->positiveOrNull('exposureTimeTo'),
                $data->positiveOrNull('isoTo'),
            ),
            body: new BankBody(
                slot: $data->textOrNull('slot') ?? '',
                dial: $data->textOrNull('dial') ?? '',
                profile: $data->textOrNull('profile') ?? '',
                buttons: $data->textOrNull('buttons') ?? '',
                season: $data->textOrNull('season') ?? '',
            ),
        );
    }
}
