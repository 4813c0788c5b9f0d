<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use TruePupil\Core\Kit\DriveMode;
use TruePupil\Core\Kit\FocusMode;

/** Reads how the camera was set apart from the exposure: EXIF where it has a tag, else what the maker's notes print. */
final class HandlingTags
{
    /** Colour temperatures that a camera can be set to or measure, kelvin. */
    private const KELVIN = [1500.0, 25_000.0];

    /** Fields that EXIF has no tag for. */
    private const PRINTED = [
        'kelvin',
        'focusMode',
        'drive',
        'stabiliser',
        'silent',
        'style',
        'highIsoNoise',
        'longExposureNoise',
    ];

    /** @var array<string, Provenance> by field, where it is not the EXIF tag of that name */
    public array $sources = [];

    public function __construct(private readonly FileTags $tags)
    {
        foreach (self::PRINTED as $field) {
            $this->sources[$field] = Provenance::Maker;
        }
    }

    public function read(): RecordedHandling
    {
        return new RecordedHandling(
            $this->whiteBalance(),
            FocusMode::fromWords($this->tags->maker('FocusMode', 'AFMode') ?? ''),
            $this->focusDistance(),
            DriveMode::fromWords($this->drive()),
            $this->stabiliser(),
            $this->silent(),
            $this->kelvin(),
            $this->focusPoint(),
            RecordedProcessing::of($this->tags),
        );
    }

    private function whiteBalance(): ?string
    {
        $recorded = ['auto', 'set'][$this->tags->whole('WhiteBalance') ?? -1] ?? null;
        if ($recorded !== null) {
            return $recorded;
        }
        $words = $this->tags->maker('WhiteBalance');
        $this->sources['whiteBalance'] = Provenance::Maker;

        return $words === null ? null : (preg_match('/auto/i', $words) === 1 ? 'auto' : 'set');
    }

    private function kelvin(): ?int
    {
        $kelvin = $this->tags->makerNumber('ColorTemperature', 'ColorTempAsShot', 'ColorTempKelvin');

        return $kelvin === null || $kelvin < self::KELVIN[0] || $kelvin > self::KELVIN[1] ? null : (int) round($kelvin);
    }

    private function focusDistance(): ?float
    {
        $metres = $this->tags->positive('SubjectDistance');
        if ($metres !== null) {
            return $metres;
        }
        $words = $this->tags->maker('FocusDistance', 'ObjectDistance') ?? '';
        $this->sources['focusDistance'] = Provenance::Maker;

        return preg_match('/^(\d+(?:\.\d+)?)\s*m$/', $words, $number) === 1 && (float) $number[1] > 0
            ? (float) $number[1]
            : null;
    }

    private function drive(): string
    {
        return implode(
            ' ',
            array_filter([
                preg_match('/^(off|normal)/i', $this->tags->maker('AutoExposureBracketing', 'BracketMode')
                    ?? 'off') === 1
                    ? null
                    : 'bracket',
                $this->tags->maker('ContinuousDrive', 'DriveMode', 'ReleaseMode', 'ShootingMode'),
            ]),
        );
    }

    private function stabiliser(): ?bool
    {
        return self::switched($this->tags->maker('ImageStabilization', 'VibrationReduction', 'ShakeReduction'));
    }

    private function silent(): ?bool
    {
        $words = $this->tags->maker('ShutterType', 'ShutterMode', 'SilentPhotography');

        return match (true) {
            $words === null => null,
            // An electronic first curtain still ends the exposure mechanically, so that a flash works.
            preg_match('/front|first|mechanical|^off/i', $words) === 1 => false,
            preg_match('/electronic|silent|^on/i', $words) === 1 => true,
            default => null,
        };
    }

    /** Where it was focused, as far as the file says it as a place in the picture. */
    private function focusPoint(): ?FocusPoint
    {
        $orientation = $this->tags->whole('Orientation') ?? 1;
        $fractions = $this->pair($this->tags->maker('AFPointPosition') ?? '');
        if ($fractions !== null) {
            $this->sources['focusPoint'] = Provenance::Maker;

            return FocusPoint::of($fractions[0], $fractions[1])?->turned($orientation);
        }
        $place = $this->tags->numbers('SubjectArea');
        $width = $this->tags->positive('ExifImageWidth');
        $height = $this->tags->positive('ExifImageHeight');

        return count($place) < 2 || $width === null || $height === null
            ? null
            : FocusPoint::of($place[0] / $width, $place[1] / $height)?->turned($orientation);
    }

    /** @return ?array{float, float} */
    private function pair(string $words): ?array
    {
        return preg_match('/^(\d*\.?\d+)\s+(\d*\.?\d+)$/', $words, $two) === 1
            ? [(float) $two[1], (float) $two[2]]
            : null;
    }

    /** On or off in words, with whatever a maker adds to them. */
    private static function switched(?string $words): ?bool
    {
        return match (true) {
            $words === null => null,
            preg_match('/^off|^no\b|none/i', $words) === 1 => false,
            preg_match('/^on|^yes|auto|optical|shift|normal|active/i', $words) === 1 => true,
            default => null,
        };
    }
}
