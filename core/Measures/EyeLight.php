<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Tone\Srgb;

/** How light falls into a marked eye: its lightest part against the face, and a small light mirrored in it. */
final readonly class EyeLight
{
    /** Radius of the eye, as a share of the side of the square round it. */
    private const RADIUS = 0.11;

    /** Of the eye's cells: where its white or its lid is read, and where a mirrored light would be. */
    private const LIGHTEST = 0.85;

    private const GLINT = 0.98;

    /** Stops by which a mirrored light exceeds what is typical of the eye, and the face. */
    private const OVER_EYE = 1.8;

    private const OVER_FACE = 0.5;

    private function __construct(
        /** Stops of the lightest part of the eye over the mean of the face; negative is darker. */
        public float $stops,
        public bool $hasCatchLight,
    ) {
    }

    /** @param  ColourGrid  $square  round the eye */
    public static function of(ColourGrid $square, Stops $face): self
    {
        $linear = Srgb::linearByCode();
        $stops = [];
        for ($y = 0; $y < $square->rows; $y++) {
            for ($x = 0; $x < $square->columns; $x++) {
                $away = hypot(($x + 0.5) / $square->columns - 0.5, ($y + 0.5) / $square->rows - 0.5);
                if ($away <= self::RADIUS) {
                    $i = 3 * ($y * $square->columns + $x);
                    $stops[] = Srgb::stopsFromMidGrey(
                        0.2126 * $linear[ord($square->bytes[$i])] +
                            0.7152 * $linear[ord($square->bytes[$i + 1])] +
                            0.0722 * $linear[ord($square->bytes[$i + 2])],
                    );
                }
            }
        }
        sort($stops);
        $at = fn (float $share): float => $stops[(int) floor($share * (count($stops) - 1))] ?? 0.0;

        return new self(
            $at(self::LIGHTEST) - $face->value,
            $at(self::GLINT) - $at(0.5) >= self::OVER_EYE && $at(self::GLINT) - $face->value >= self::OVER_FACE,
        );
    }

    /** @return array{stops: float, catchLight: bool} */
    public function toArray(): array
    {
        return ['stops' => round($this->stops, 3), 'catchLight' => $this->hasCatchLight];
    }

    /** @return ?self null where no eye was marked, or older rules measured */
    public static function restore(mixed $stored): ?self
    {
        return is_array($stored) && is_numeric($stored['stops'] ?? null)
            ? new self((float) $stored['stops'], ($stored['catchLight'] ?? false) === true)
            : null;
    }
}
