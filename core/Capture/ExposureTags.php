<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Metering\MeteringPattern;

/** Reads how a frame was exposed (EXIF 2.32: exposure, program, metering, flash). */
final class ExposureTags
{
    /** Beyond these, a number in a file is an accident: no camera can be set so. */
    private const APERTURES = [0.5, 256.0];

    /** Seconds. */
    private const TIMES = [1e-6, 90_000.0];

    private const ISOS = [1.0, 10_000_000.0];

    /** The 16-bit tag then means "more than fits". */
    private const ISO_OVERFLOW = 65534.0;

    private const COMPENSATION = 20.0;

    /** @var array<string, Provenance> by field, where it is not the EXIF tag of that name */
    public array $sources = [];

    public function __construct(private readonly FileTags $tags)
    {
    }

    public function read(): RecordedExposure
    {
        $compensation = $this->tags->number('ExposureCompensation');
        $isoAutomatic = $this->isoAutomatic();

        return new RecordedExposure(
            $this->fNumber(),
            $this->exposureTime(),
            $this->iso(),
            $isoAutomatic,
            $compensation === null || abs($compensation) > self::COMPENSATION ? null : $compensation,
            $this->mode($isoAutomatic === true),
            $this->metering(),
            $this->flashFired(),
        );
    }

    private function fNumber(): ?Aperture
    {
        $number = $this->tags->within('FNumber', ...self::APERTURES);
        if ($number === null) {
            // Reported by the metadata reader as an f-number already, from the APEX tag ApertureValue.
            $number = $this->tags->within('ApertureValue', ...self::APERTURES);
            $this->sources['fNumber'] = Provenance::Derived;
        }

        return $number === null ? null : Aperture::of($number);
    }

    private function exposureTime(): ?ExposureTime
    {
        $seconds = $this->tags->within('ExposureTime', ...self::TIMES);
        if ($seconds === null) {
            $seconds = $this->tags->within('ShutterSpeedValue', ...self::TIMES);
            $this->sources['exposureTime'] = Provenance::Derived;
        }

        return $seconds === null ? null : ExposureTime::of($seconds);
    }

    private function iso(): ?Iso
    {
        $iso = $this->tags->positive('ISO') ?? $this->tags->positive('PhotographicSensitivity');
        if ($iso === null || $iso >= self::ISO_OVERFLOW) {
            $iso =
                $this->tags->positive('RecommendedExposureIndex') ??
                ($this->tags->positive('StandardOutputSensitivity') ?? $iso);
        }
        if ($iso === null) {
            $iso = $this->tags->makerNumber('ISO');
            $this->sources['iso'] = Provenance::Maker;
        }

        return $iso === null || $iso < self::ISOS[0] || $iso > self::ISOS[1] ? null : Iso::of($iso);
    }

    private function mode(bool $isoAutomatic): ExposureMode
    {
        $manual = $isoAutomatic ? ExposureMode::ManualAutoIso : ExposureMode::Manual;

        return match ($this->tags->whole('ExposureProgram')) {
            1 => $manual,
            2 => ExposureMode::Program,
            3 => ExposureMode::Aperture,
            4 => ExposureMode::Shutter,
            5, 6, 7, 8 => ExposureMode::Scene,
            9 => ExposureMode::Bulb,
            // An automatic exposure mode says that some program chose, and not which.
            default => $this->tags->whole('ExposureMode') === 1 ? $manual : $this->modeInWords($manual),
        };
    }

    private function modeInWords(ExposureMode $manual): ExposureMode
    {
        $words = $this->tags->maker('CanonExposureMode', 'ExposureMode', 'ExposureProgram', 'PictureMode') ?? '';
        $this->sources['mode'] = Provenance::Maker;

        return match (true) {
            preg_match('/aperture/i', $words) === 1 => ExposureMode::Aperture,
            preg_match('/shutter[- ]?(speed)?[- ]priority|^shutter/i', $words) === 1 => ExposureMode::Shutter,
            preg_match('/^bulb/i', $words) === 1 => ExposureMode::Bulb,
            preg_match('/^manual( exposure)?\b(?!.*focus)/i', $words) === 1 => $manual,
            preg_match('/^program( AE)?\b/i', $words) === 1 => ExposureMode::Program,
            default => ExposureMode::Unknown,
        };
    }

    /** What decided ISO, as far as the maker's notes say; a number says what it was, not who chose it. */
    private function isoAutomatic(): ?bool
    {
        $this->sources['isoAutomatic'] = Provenance::Maker;
        $words = $this->tags->maker('ISOAuto', 'ISOSetting', 'ISOSelection', 'CameraISO', 'ISOSpeed');

        return match (true) {
            $words === null => null,
            preg_match('/^(auto|on\b)/i', $words) === 1 => true,
            preg_match('/^(manual|off\b)/i', $words) === 1 => false,
            default => null,
        };
    }

    private function metering(): MeteringPattern
    {
        $words = $this->tags->maker('MeteringMode', 'AEMeteringMode', 'MeteringMode2') ?? '';
        $isHighlight = preg_match('/highlight/i', $words) === 1;
        // EXIF MeteringMode: 1 average, 2 centre-weighted average, 3 spot, 4 multi-spot, 5 pattern, 6 partial and
        // 255 other.
        $pattern = match ($this->tags->whole('MeteringMode')) {
            null, 0 => MeteringPattern::Unknown,
            2 => MeteringPattern::Centre,
            3 => MeteringPattern::Spot,
            5 => MeteringPattern::Scene,
            255 => $isHighlight ? MeteringPattern::Highlight : MeteringPattern::Other,
            default => MeteringPattern::Other,
        };
        if ($pattern !== MeteringPattern::Unknown) {
            return $pattern;
        }
        $this->sources['metering'] = Provenance::Maker;

        return match (true) {
            $isHighlight => MeteringPattern::Highlight,
            preg_match('/spot/i', $words) === 1 => MeteringPattern::Spot,
            preg_match('/cent(er|re)/i', $words) === 1 => MeteringPattern::Centre,
            preg_match('/multi|evaluat|pattern|matrix|segment|^ESP/i', $words) === 1 => MeteringPattern::Scene,
            $words !== '' => MeteringPattern::Other,
            default => MeteringPattern::Unknown,
        };
    }

    private function flashFired(): ?bool
    {
        $flags = $this->tags->whole('Flash');

        return $flags === null ? null : ($flags & 1) === 1;
    }
}
