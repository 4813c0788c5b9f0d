<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\Support;

/**
 * One of the settings that a camera is given once, before the first picture: what it should be, why, and what a file
 * tells of it.
 */
enum FirstSetting: string
{
    case FileKind = 'file-kind';
    case Compression = 'compression';
    case ColourSpace = 'colour-space';
    case WhiteBalance = 'white-balance';
    case PictureStyle = 'picture-style';
    case Corrections = 'corrections';
    case HighIsoNoise = 'high-iso-noise';
    case LongExposureNoise = 'long-exposure-noise';
    case Stabiliser = 'stabiliser';
    case Metering = 'metering';
    case FocusMode = 'focus-mode';
    case LensWiped = 'lens-wiped';
    case Grid = 'grid';
    case LiveOff = 'live-off';
    case LampOff = 'lamp-off';
    case NoPinching = 'no-pinching';
    case SliderInTheMiddle = 'slider';

    private const OF_PHONES = [
        self::LensWiped,
        self::Grid,
        self::LiveOff,
        self::LampOff,
        self::NoPinching,
        self::SliderInTheMiddle,
        self::ColourSpace,
    ];

    /** @return list<self> what is set up on such a body */
    public static function of(BodyKind $kind): array
    {
        return $kind === BodyKind::Phone ? self::OF_PHONES : [...array_filter(
            self::cases(),
            fn (self $one): bool => $one === self::ColourSpace || ! in_array($one, self::OF_PHONES, true),
        )];
    }

    public function label(): string
    {
        return match ($this) {
            self::FileKind => 'Raw, or raw and JPEG together',
            self::Compression => 'Raw files compressed without loss',
            self::ColourSpace => 'Colour space sRGB',
            self::WhiteBalance => 'White balance automatic, or a fixed kelvin value',
            self::PictureStyle => 'Picture style standard',
            self::Corrections => 'Corrections in the camera off',
            self::HighIsoNoise => 'Noise reduction at high ISO off',
            self::LongExposureNoise => 'Noise reduction for long exposures on',
            self::Stabiliser => 'Stabiliser on by hand, off on a tripod',
            self::Metering => 'Metering pattern chosen',
            self::FocusMode => 'Focus mode chosen',
            self::LensWiped => 'Lens wiped',
            self::Grid => 'Grid and level on',
            self::LiveOff => 'Moving pictures and filters off',
            self::LampOff => 'Lamp off',
            self::NoPinching => 'No zoom by pinching',
            self::SliderInTheMiddle => 'Exposure slider in the middle',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::FileKind => 'Raw keeps what the sensor saw; the JPEG is for looking at once.',
            self::Compression => 'What is thrown away to save room shows in shadows that are lifted.',
            self::ColourSpace => 'The JPEG and the preview then look right everywhere; raw does not depend on it.',
            self::WhiteBalance => 'With raw it can be changed afterwards. A fixed value keeps a row of frames alike.',
            self::PictureStyle => 'The histogram on the back is made from the JPEG: added contrast makes it tell of '.
                'losses that raw does not have.',
            self::Corrections => 'They hide what the lens does, and you are here to see it.',
            self::HighIsoNoise => 'It smears detail in the JPEG and does nothing for raw.',
            self::LongExposureNoise => 'The camera takes a second, dark frame as long as the first: the wait doubles, '.
                'and bright specks go.',
            self::Stabiliser => 'On a tripod some stabilisers wander and blur what they should hold.',
            self::Metering => 'Know which part of the picture the camera listens to.',
            self::FocusMode => 'Once for what stays, continuous for what moves, by hand for the dark.',
            self::LensWiped => 'It lives in a pocket: one finger’s mark veils every light in the picture.',
            self::Grid => 'You see what leans, and where things stand, before you press.',
            self::LiveOff => 'A filter changes the tones that are measured here.',
            self::LampOff => 'On automatic it fires when you least want it, and from the wrong place.',
            self::NoPinching => 'It only cuts the picture out larger. Take another lens, or walk.',
            self::SliderInTheMiddle => 'Some apps remember where it was. Begin at zero and move it on purpose.',
        };
    }

    /**
     * What a file's record says of it.
     *
     * @param  array<string, mixed>  $tags  as the metadata reader gives them
     * @return array{string, ?bool}
     *   what is recorded, in words, and whether it is as it should be; null where the file does not tell
     */
    public function read(PictureRecord $picture, CaptureRecord $record, array $tags): array
    {
        $file = new FileTags($tags);
        $word = $file->maker(...);
        $isOff = RecordedProcessing::isOff(...);
        $processing = $record->handling->processing;
        [$highIso, $long] = [$processing->highIsoNoise, $processing->longExposureNoise];
        $raw = $word('RAWFileType', 'NEFCompression', 'RawCompression', 'RawJpgQuality');
        $corrections = array_filter([
            $word('PeripheralLighting', 'VignetteControl', 'VignettingCorrection', 'ShadingCompensation'),
            $word('DistortionCorrection', 'AutoDistortionControl', 'DistortionControl'),
        ]);

        return match ($this) {
            // A JPEG may have a raw file beside it on the card.
            self::FileKind => match (true) {
                $picture->isRaw() => ['camera raw', true],
                in_array($picture->format, ['JPEG', 'HEIC'], true) => [
                    $picture->format.'; whether a raw file lies beside it, only the card tells',
                    null,
                ],
                default => [$picture->format.', which no camera writes for itself: an export', false],
            },
            self::Compression => $raw === null
                ? ['not in the file', null]
                : [$raw, preg_match('/lossless|uncompressed/i', $raw) === 1],
            // Raw has no colour space of its own, and what its preview has was not chosen. A phone writes the wide
            // gamut of its screen with the profile that goes with it; there is nothing to choose.
            self::ColourSpace => match (true) {
                $picture->isRaw() => ['raw, which depends on no colour space', null],
                $picture->colourSpace === null => ['not in the file', null],
                $picture->format === 'HEIC' => [$picture->colourSpace, null],
                default => [
                    $picture->colourSpace,
                    str_contains($picture->colourSpace, 'sRGB') || str_contains($picture->colourSpace, 'P3') ?: false,
                ],
            },
            self::WhiteBalance => $record->handling->whiteBalance === null
                ? ['not in the file', null]
                : [
                    ($record->handling->whiteBalance === 'auto' ? 'automatic' : 'set by hand').
                    ($record->handling->kelvin === null ? '' : ', '.$record->handling->kelvin.' K'),
                    true,
                ],
            self::PictureStyle => [$processing->style ?? 'not in the file', $processing->isPlain()],
            self::Corrections => $corrections === []
                ? ['not in the file', null]
                : [implode(', ', array_unique($corrections)), ! in_array(false, array_map($isOff, $corrections), true)],
            self::HighIsoNoise => $highIso === null ? ['not in the file', null] : [$highIso, $isOff($highIso)],
            self::LongExposureNoise => $long === null ? ['not in the file', null] : [$long, ! $isOff($long)],
            self::LampOff => $record->exposure->flashFired === null
                ? ['not in the file', null]
                : [$record->exposure->flashFired ? 'it fired' : 'it did not fire', ! $record->exposure->flashFired],
            self::SliderInTheMiddle => $record->exposure->compensation === null
                ? ['not in the file', null]
                : [
                    Stops::of($record->exposure->compensation)->signed(),
                    abs($record->exposure->compensation) < 0.01,
                ],
            self::LensWiped, self::Grid, self::LiveOff, self::NoPinching => ['not in the file', null],
            self::Stabiliser => $record->handling->stabiliser === null
                ? ['not in the file', null]
                : [
                    ($record->handling->stabiliser ? 'on' : 'off').
                    ($record->support === null ? '' : ', '.$record->support->label()),
                    $record->support === null
                        ? null
                        : $record->handling->stabiliser === ($record->support !== Support::Tripod),
                ],
            self::Metering => $record->exposure->metering->value === 'unknown'
                ? ['not in the file', null]
                : [$record->exposure->metering->label(), true],
            self::FocusMode => $record->handling->focusMode === null
                ? ['not in the file', null]
                : [
                    ['single' => 'single', 'continuous' => 'continuous', 'manual' => 'by hand'][
                        $record->handling->focusMode->value
                    ],
                    true,
                ],
        };
    }
}
