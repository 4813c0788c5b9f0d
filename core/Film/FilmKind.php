<?php

declare(strict_types=1);

namespace TruePupil\Core\Film;

/** A kind of film, with the error in exposure that it usually forgives. Typical values; every film has its own. */
enum FilmKind: string
{
    case Negative = 'negative';
    case Slide = 'slide';
    case BlackAndWhite = 'black-and-white';

    public function label(): string
    {
        return match ($this) {
            self::Negative => 'colour negative',
            self::Slide => 'slide film',
            self::BlackAndWhite => 'black-and-white negative',
        };
    }

    /** @return array{float, float} stops under and over that still print or project well */
    public function latitude(): array
    {
        return match ($this) {
            self::Negative => [-1.0, 3.0],
            self::Slide => [-0.5, 0.5],
            self::BlackAndWhite => [-1.0, 2.0],
        };
    }

    /** @return array{float, float} stops below and above mid-grey between which a scene keeps its detail */
    public function range(): array
    {
        return match ($this) {
            self::Negative => [-3.0, 6.0],
            self::Slide => [-2.5, 2.5],
            self::BlackAndWhite => [-4.0, 5.0],
        };
    }

    /** Negatives are exposed for the shadows, slides for the highlights. */
    public function protectsShadows(): bool
    {
        return $this !== self::Slide;
    }
}
