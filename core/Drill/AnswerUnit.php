<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use InvalidArgumentException;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;

/** What an answer is given in. Numbers are compared in stops; choices by their name. */
enum AnswerUnit: string
{
    case Time = 'time';
    case FNumber = 'f-number';
    case Iso = 'iso';
    case Stops = 'stops';
    case Choice = 'choice';

    /** An answer counts when it is this close, in stops: half a third. */
    private const TOLERANCE = 1 / 6 + 0.01;

    public function hint(): string
    {
        return match ($this) {
            self::Time => 'a time, as 1/125 or 2',
            self::FNumber => 'an f-number, as 5.6',
            self::Iso => 'ISO, as 400',
            self::Stops => 'stops, as +1, −2/3 or 1 1/3',
            self::Choice => 'one of these',
        };
    }

    /** @throws InvalidArgumentException when the text cannot be read as this unit */
    public function isRight(string $answer, float|string $right): bool
    {
        if ($this === self::Choice) {
            return $answer === $right;
        }

        return abs($this->inStops($answer) - $this->stopsOf((float) $right)) <= self::TOLERANCE;
    }

    /** The right answer as it is written. */
    public function text(float|string $right): string
    {
        return match ($this) {
            self::Time => (string) ExposureTime::nearest((float) $right),
            self::FNumber => (string) Aperture::nearest((float) $right),
            self::Iso => (string) Iso::nearest((float) $right),
            self::Stops => Stops::of((float) $right)->signed(),
            self::Choice => (string) $right,
        };
    }

    private function inStops(string $text): float
    {
        $text = trim($text);

        return match ($this) {
            self::Time => ExposureTime::parse($text)->apex(),
            self::FNumber => Aperture::of(
                self::number((string) preg_replace('~^(f|ƒ)\s*/?\s*~iu', '', $text), 'an f-number'),
            )->apex(),
            self::Iso => Iso::of(self::number((string) preg_replace('~^iso\s*~i', '', $text), 'ISO'))->stopsAbove100(),
            self::Stops => self::stops($text),
            self::Choice => 0.0,
        };
    }

    private function stopsOf(float $right): float
    {
        return match ($this) {
            self::Time => ExposureTime::of($right)->apex(),
            self::FNumber => Aperture::of($right)->apex(),
            self::Iso => Iso::of($right)->stopsAbove100(),
            self::Stops, self::Choice => $right,
        };
    }

    private static function number(string $text, string $what): float
    {
        $text = str_replace(',', '.', $text);

        return is_numeric($text) && (float) $text > 0
            ? (float) $text
            : throw new InvalidArgumentException(sprintf('"%s" cannot be read as %s.', $text, $what));
    }

    /** +1, −2/3, 1 1/3, 1⅓, 0.7 */
    private static function stops(string $text): float
    {
        $plain = strtr($text, ['−' => '-', '–' => '-', ',' => '.', '⅓' => ' 1/3', '⅔' => ' 2/3', '½' => ' 1/2']);
        if (
            preg_match('~^\s*([+-]?)\s*(\d+(?:\.\d+)?)?\s*(?:(\d)/(\d))?\s*(?:stops?)?\s*$~i', $plain, $m) !== 1 ||
            (($m[2] ?? '') === '' && ($m[3] ?? '') === '')
        ) {
            throw new InvalidArgumentException(
                sprintf('"%s" cannot be read as stops; write +1, −2/3 or 1 1/3.', $text),
            );
        }
        // "2/3" alone is read as a whole number and a bar by a hasty eye: here the fraction takes it.
        $value = (float) (($m[2] ?? '') === '' ? 0 : $m[2]);
        if (($m[3] ?? '') !== '' && ($m[4] ?? '0') !== '0') {
            $value += (float) $m[3] / (float) $m[4];
        }

        return ($m[1] === '-' ? -1 : 1) * $value;
    }
}
