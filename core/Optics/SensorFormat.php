<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/** The size of the picture area in millimetres, long side first as the frame is held level. */
final readonly class SensorFormat
{
    /** Diagonal divided by this is the circle of confusion: 0.0300 mm on 36x24 (the usual print criterion). */
    private const DIAGONAL_PARTS = 1442;

    /** Formats that have a name, mm. */
    public const NAMED = [
        '36x24' => '36 × 24 mm, full frame',
        '23.5x15.6' => '23.5 × 15.6 mm',
        '22.3x14.9' => '22.3 × 14.9 mm',
        '17.3x13' => '17.3 × 13 mm',
        '13.2x8.8' => '13.2 × 8.8 mm',
        '43.8x32.9' => '43.8 × 32.9 mm',
        '56x56' => '6 × 6 film',
        '120x95' => '4 × 5 inch film',
    ];

    /** A rounded focal length and its equivalent name a format this exactly: share of the diagonal. */
    private const ROUNDED = 0.06;

    private function __construct(public float $width, public float $height, private ?float $ownCircle = null)
    {
    }

    /** @throws InvalidOptics */
    public static function ofSize(float $width, float $height): self
    {
        InvalidOptics::unlessPositive('format width', $width, 'mm');
        InvalidOptics::unlessPositive('format height', $height, 'mm');

        return new self($width, $height);
    }

    /** Reads "36x24" (mm). @throws InvalidOptics */
    public static function parse(string $text): self
    {
        if (preg_match('/^\s*(\d+(?:\.\d+)?)\s*[x×]\s*(\d+(?:\.\d+)?)\s*$/u', $text, $size) !== 1) {
            throw InvalidOptics::unknownFormat($text);
        }

        return self::ofSize((float) $size[1], (float) $size[2]);
    }

    public static function fullFrame(): self
    {
        return new self(36.0, 24.0);
    }

    /** The format whose diagonal makes a focal length equal to its recorded 35 mm equivalent; keeps the 3:2 shape. */
    public static function fromEquivalent(float $focalLength, float $focalLength35): self
    {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        InvalidOptics::unlessPositive('35 mm equivalent focal length', $focalLength35, 'mm');
        $scale = $focalLength / $focalLength35;

        return new self(36 * $scale, 24 * $scale);
    }

    /** The named format that a rounded equivalent means; itself where none is near. */
    public function nearestNamed(): self
    {
        $named = array_map(self::parse(...), array_keys(self::NAMED));
        $off = array_map(fn (self $other): float => abs($other->diagonal() / $this->diagonal() - 1), $named);
        asort($off);
        $nearest = array_key_first($off);

        return $off[$nearest] <= self::ROUNDED ? $named[$nearest] : $this;
    }

    public function diagonal(): float
    {
        return hypot($this->width, $this->height);
    }

    /** How many times smaller its diagonal is than that of 36x24. */
    public function crop(): float
    {
        return self::fullFrame()->diagonal() / $this->diagonal();
    }

    /** Circle of confusion in millimetres: diagonal/1442, unless the format carries its own. */
    public function circleOfConfusion(): float
    {
        return $this->ownCircle ?? $this->diagonal() / self::DIAGONAL_PARTS;
    }

    /**
     * The same format judged more or less strictly, by a circle of confusion of one's own in mm.
     *
     * @throws InvalidOptics
     */
    public function withCircleOfConfusion(float $millimetres): self
    {
        InvalidOptics::unlessPositive('circle of confusion', $millimetres, 'mm');

        return new self($this->width, $this->height, $millimetres);
    }

    /** Judged at the size of the pixels: a circle of two pixel pitches, pitch in µm. @throws InvalidOptics */
    public function judgedByPixels(float $pitch): self
    {
        InvalidOptics::unlessPositive('pixel pitch', $pitch, 'µm');

        return $this->withCircleOfConfusion((2 * $pitch) / 1000);
    }

    /** Distance between pixels in µm, for so many across the long side. @throws InvalidOptics */
    public function pixelPitch(int $pixelsAcross): float
    {
        InvalidOptics::unlessPositive('pixels across', $pixelsAcross);

        return ($this->width * 1000) / $pixelsAcross;
    }

    public function __toString(): string
    {
        return round($this->width, 1).'×'.round($this->height, 1).' mm';
    }
}
