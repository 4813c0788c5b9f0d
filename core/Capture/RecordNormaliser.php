<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use DateTimeImmutable;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\DriveMode;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\FocusMode;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Optics\SensorFormat;

/**
 * Turns the numeric tags of a file (EXIF names, numbers unconverted) into a capture record. Values that cannot be, such
 * as a zero f-number from a lens without contacts, count as not recorded.
 */
final class RecordNormaliser
{
    /** Beyond these, a number in a file is an accident: no camera can be set so. */
    private const APERTURES = [0.5, 256.0];

    /** Seconds. */
    private const TIMES = [1e-6, 90_000.0];

    private const ISOS = [1.0, 10_000_000.0];

    /** mm. */
    private const FOCALS = [0.5, 5000.0];

    /** @param  array<string, mixed>  $tags */
    public function normalise(array $tags): CaptureRecord
    {
        $provenance = [];
        $focalLength = $this->focal($tags['FocalLength'] ?? null);
        $focalLength35 = $this->focal($tags['FocalLengthIn35mmFormat'] ?? null);
        $found = [
            'make' => $this->text($tags['Make'] ?? null),
            'model' => $this->text($tags['Model'] ?? null),
            'lens' => $this->text($tags['LensModel'] ?? ($tags['LensID'] ?? ($tags['Lens'] ?? null))),
            'fNumber' => $this->fNumber($tags, $provenance),
            'exposureTime' => $this->exposureTime($tags, $provenance),
            'iso' => $this->iso($tags),
            'compensation' => $this->number($tags['ExposureCompensation'] ?? null),
            'mode' => $this->mode($tags),
            'metering' => $this->metering($tags['MeteringMode'] ?? null),
            'flashFired' => $this->flashFired($tags['Flash'] ?? null),
            'focalLength' => $focalLength,
            'focalLength35' => $focalLength35 ?? $this->equivalent($focalLength, $tags, $provenance),
            'whiteBalance' => $this->whiteBalance($tags['WhiteBalance'] ?? null),
            'focusDistance' => $this->positive($tags['SubjectDistance'] ?? ($tags['FocusDistance'] ?? null)),
            'takenAt' => $this->takenAt($tags['DateTimeOriginal'] ?? null),
            'widestFNumber' => $this->positive($tags['MaxApertureValue'] ?? null),
            'isoAutomatic' => $this->isoAutomatic($tags),
            'stabiliser' => $this->switched($tags['ImageStabilization'] ?? ($tags['VibrationReduction'] ?? null)),
            'silent' => $this->silent($tags),
            'focusMode' => FocusMode::fromWords($this->text($tags['FocusMode'] ?? null) ?? ''),
            'drive' => DriveMode::fromWords(
                $this->text($tags['DriveMode'] ?? ($tags['ContinuousDrive'] ?? ($tags['ReleaseMode'] ?? null))) ?? '',
            ),
        ];
        foreach ($found as $field => $value) {
            if ($value !== null && $value !== ExposureMode::Unknown && $value !== MeteringPattern::Unknown) {
                $provenance[$field] ??= Provenance::File;
            }
        }

        return new CaptureRecord(
            new RecordedCamera($found['make'], $found['model']),
            new RecordedLens($found['lens'], $found['focalLength'], $found['focalLength35'], $found['widestFNumber']),
            new RecordedExposure(
                $found['fNumber'],
                $found['exposureTime'],
                $found['iso'],
                $found['isoAutomatic'],
                $found['compensation'],
                $found['mode'],
                $found['metering'],
                $found['flashFired'],
            ),
            new RecordedHandling(
                $found['whiteBalance'],
                $found['focusMode'],
                $found['focusDistance'],
                $found['drive'],
                $found['stabiliser'],
                $found['silent'],
            ),
            $found['takenAt'],
            provenance: $provenance,
        );
    }

    /**
     * @param  array<string, mixed>  $tags
     * @param  array<string, Provenance>  $provenance
     */
    private function fNumber(array $tags, array &$provenance): ?Aperture
    {
        $number = $this->positive($tags['FNumber'] ?? null);
        if ($number === null) {
            // Reported by the metadata reader as an f-number already, from the APEX tag ApertureValue.
            $number = $this->positive($tags['ApertureValue'] ?? null);
            if ($number !== null) {
                $provenance['fNumber'] = Provenance::Derived;
            }
        }

        return $number === null || $number < self::APERTURES[0] || $number > self::APERTURES[1]
            ? null
            : Aperture::of($number);
    }

    /**
     * @param  array<string, mixed>  $tags
     * @param  array<string, Provenance>  $provenance
     */
    private function exposureTime(array $tags, array &$provenance): ?ExposureTime
    {
        $seconds = $this->positive($tags['ExposureTime'] ?? null);
        if ($seconds === null) {
            $seconds = $this->positive($tags['ShutterSpeedValue'] ?? null);
            if ($seconds !== null) {
                $provenance['exposureTime'] = Provenance::Derived;
            }
        }

        return $seconds === null || $seconds < self::TIMES[0] || $seconds > self::TIMES[1]
            ? null
            : ExposureTime::of($seconds);
    }

    /** @param  array<string, mixed>  $tags */
    private function iso(array $tags): ?Iso
    {
        $iso = $this->positive($tags['ISO'] ?? ($tags['PhotographicSensitivity'] ?? null));
        // 65535 in the 16-bit tag means "more than fits"; the real value is then elsewhere.
        if ($iso === null || ($iso >= 65535.0 && isset($tags['RecommendedExposureIndex']))) {
            $iso = $this->positive($tags['RecommendedExposureIndex'] ?? null) ?? $iso;
        }

        return $iso === null || $iso < self::ISOS[0] || $iso > self::ISOS[1] ? null : Iso::of($iso);
    }

    /** @param  array<string, mixed>  $tags */
    private function mode(array $tags): ExposureMode
    {
        $autoIso = $this->isoAutomatic($tags) === true;

        return match ($this->whole($tags['ExposureProgram'] ?? null)) {
            1 => $autoIso ? ExposureMode::ManualAutoIso : ExposureMode::Manual,
            2 => ExposureMode::Program,
            3 => ExposureMode::Aperture,
            4 => ExposureMode::Shutter,
            5, 6, 7, 8 => ExposureMode::Scene,
            9 => ExposureMode::Bulb,
            default => match ($this->whole($tags['ExposureMode'] ?? null)) {
                0 => ExposureMode::Auto,
                1 => $autoIso ? ExposureMode::ManualAutoIso : ExposureMode::Manual,
                default => ExposureMode::Unknown,
            },
        };
    }

    /** @param  array<string, mixed>  $tags */
    private function isoAutomatic(array $tags): ?bool
    {
        $setting = $tags['ISOSetting'] ?? null;
        $auto =
            $this->switched($tags['ISOAuto'] ?? null) ??
            (isset($tags['ISOAuto']) ? $this->whole($tags['ISOAuto']) === 1 : null);

        return $setting === null ? $auto : is_string($setting) && preg_match('/^auto/i', $setting) === 1;
    }

    /** On or off in words, with whatever a maker adds to them. */
    private function switched(mixed $value): ?bool
    {
        return match (true) {
            ! is_string($value) => null,
            preg_match('/^off|^no\b|none/i', $value) === 1 => false,
            preg_match('/^on|^yes|auto|optical|shift|normal|active/i', $value) === 1 => true,
            default => null,
        };
    }

    /** @param  array<string, mixed>  $tags */
    private function silent(array $tags): ?bool
    {
        $words = $this->text($tags['ShutterType'] ?? ($tags['ShutterMode'] ?? null));

        return match (true) {
            $words === null => null,
            // An electronic first curtain still ends the exposure mechanically, so that a flash works.
            preg_match('/front|first|mechanical/i', $words) === 1 => false,
            preg_match('/electronic|silent/i', $words) === 1 => true,
            default => null,
        };
    }

    private function metering(mixed $value): MeteringPattern
    {
        // EXIF MeteringMode: 1 average, 2 centre-weighted average, 3 spot, 4 multi-spot, 5 pattern, 6 partial.
        return match ($this->whole($value)) {
            null, 0 => MeteringPattern::Unknown,
            2 => MeteringPattern::Centre,
            3 => MeteringPattern::Spot,
            5 => MeteringPattern::Scene,
            default => MeteringPattern::Other,
        };
    }

    private function flashFired(mixed $value): ?bool
    {
        $flags = $this->whole($value);

        return $flags === null ? null : ($flags & 1) === 1;
    }

    private function whiteBalance(mixed $value): ?string
    {
        return match ($this->whole($value)) {
            0 => 'auto',
            1 => 'set',
            default => null,
        };
    }

    private function takenAt(mixed $value): ?DateTimeImmutable
    {
        if (! is_string($value)) {
            return null;
        }
        $taken = DateTimeImmutable::createFromFormat('!Y:m:d H:i:s', substr($value, 0, 19));

        return $taken === false || $taken->format('Y:m:d H:i:s') !== substr($value, 0, 19) ? null : $taken;
    }

    /**
     * The 35 mm equivalent from the focal-plane resolution, where only that is recorded.
     *
     * @param  array<string, mixed>  $tags
     * @param  array<string, Provenance>  $provenance
     */
    private function equivalent(?float $focalLength, array $tags, array &$provenance): ?float
    {
        $perUnit = $this->positive($tags['FocalPlaneXResolution'] ?? null);
        $pixels = $this->positive($tags['ExifImageWidth'] ?? null);
        $unit = match ($this->whole($tags['FocalPlaneResolutionUnit'] ?? null)) {
            2 => 25.4,
            3 => 10.0,
            4 => 1.0,
            default => null,
        };
        if ($focalLength === null || $perUnit === null || $pixels === null || $unit === null) {
            return null;
        }
        $width = ($pixels / $perUnit) * $unit;
        if ($width < 3 || $width > 70) {
            return null;
        }
        $provenance['focalLength35'] = Provenance::Derived;

        return round($focalLength * SensorFormat::ofSize($width, ($width * 2) / 3)->crop());
    }

    private function number(mixed $value): ?float
    {
        return is_numeric($value) && is_finite((float) $value) ? (float) $value : null;
    }

    private function focal(mixed $value): ?float
    {
        $focal = $this->positive($value);

        return $focal === null || $focal < self::FOCALS[0] || $focal > self::FOCALS[1] ? null : $focal;
    }

    private function positive(mixed $value): ?float
    {
        $number = $this->number($value);

        return $number !== null && $number > 0.0 ? $number : null;
    }

    private function whole(mixed $value): ?int
    {
        $number = $this->number($value);

        return $number === null ? null : (int) $number;
    }

    private function text(mixed $value): ?string
    {
        // Makers pad with blanks and zero bytes; some files hold bytes that are not text at all.
        if (! is_string($value) && ! is_int($value)) {
            return null;
        }
        $text = trim(mb_substr(mb_scrub((string) $value, 'UTF-8'), 0, 120), " \t\n\r\0\x0B");

        return $text === '' ? null : $text;
    }
}
