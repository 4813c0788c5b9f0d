<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

use TruePupil\Core\Optics\SensorFormat;

/** Reads the lens of a frame and its view (EXIF 2.32: focal lengths, lens specification, focal plane). */
final class LensTags
{
    /** mm; beyond these a number in a file is an accident. */
    private const FOCALS = [0.5, 5000.0];

    /** Widths of sensors in mm that a focal plane may have. */
    private const WIDTHS = [3.0, 70.0];

    private const MILLIMETRES = [2 => 25.4, 3 => 10.0, 4 => 1.0];

    /** @var array<string, Provenance> by field, where it is not the EXIF tag of that name */
    public array $sources = [];

    public function __construct(private readonly FileTags $tags)
    {
    }

    public function read(): RecordedLens
    {
        $focalLength = $this->tags->within('FocalLength', ...self::FOCALS);

        return new RecordedLens(
            $this->name(),
            $focalLength,
            $this->tags->within('FocalLengthIn35mmFormat', ...self::FOCALS) ?? $this->equivalent($focalLength),
            $this->tags->positive('MaxApertureValue'),
            $this->range(),
        );
    }

    private function name(): ?string
    {
        $name = $this->tags->text('LensModel');
        if ($name === null) {
            $name = $this->tags->maker('LensModel', 'LensID', 'Lens', 'LensType') ?? $this->tags->text('Lens');
            $this->sources['lens'] = Provenance::Maker;
        }

        return $name;
    }

    /** From the lens specification, else from what the name or the maker's notes print of it. */
    private function range(): ?LensRange
    {
        $numbers = $this->tags->numbers('LensInfo');

        return LensRange::of(...array_pad(array_slice($numbers, 0, 4), 4, 0.0)) ??
            (LensRange::inWords($this->tags->maker('Lens', 'LensModel', 'LensType') ?? '') ??
                LensRange::inWords($this->tags->text('LensModel', 'Lens') ?? ''));
    }

    /** The 35 mm equivalent from the focal-plane resolution, where only that is recorded. */
    private function equivalent(?float $focalLength): ?float
    {
        $perUnit = $this->tags->positive('FocalPlaneXResolution');
        $unit = self::MILLIMETRES[$this->tags->whole('FocalPlaneResolutionUnit') ?? 0] ?? null;
        $pixels = $this->originalWidth();
        if ($focalLength === null || $perUnit === null || $pixels === null || $unit === null) {
            return null;
        }
        $width = ($pixels / $perUnit) * $unit;
        if ($width < self::WIDTHS[0] || $width > self::WIDTHS[1]) {
            return null;
        }
        $this->sources['focalLength35'] = Provenance::Derived;

        return round($focalLength * SensorFormat::ofSize($width, ($width * 2) / 3)->crop());
    }

    /**
     * The width in pixels as the sensor was read. Whoever makes a smaller export rewrites EXIF's width and leaves the
     * focal-plane resolution, so that EXIF's width counts only in a file that the camera wrote itself.
     */
    private function originalWidth(): ?float
    {
        $byMaker = $this->tags->makerNumber('CanonImageWidth', 'OriginalImageWidth', 'FullImageSize');
        if ($byMaker !== null) {
            return max($byMaker, $this->tags->makerNumber('CanonImageHeight') ?? 0.0);
        }
        $recorded = max($this->tags->positive('ExifImageWidth') ?? 0.0, $this->tags->positive('ExifImageHeight')
            ?? 0.0);

        return $recorded > 0 && $this->tags->hasMakerNotes() && ! $this->tags->has('CreatorTool') ? $recorded : null;
    }
}
