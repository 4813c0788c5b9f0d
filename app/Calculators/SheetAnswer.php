<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Wording\Quantity;
use Closure;
use DateTimeImmutable;
use TruePupil\Core\Exposure\Duration;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Optics\Metres;

/** One line of a sheet's answer. */
final readonly class SheetAnswer
{
    /** Times below this, in s, are written as cameras write them. */
    private const SHORT = 30.0;

    private const WINDS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'];

    /**
     * @param  string  $path  where the value lies in what the calculator gave, parts joined by dots
     * @param  Closure(mixed): string  $text  the value as people read it
     */
    public function __construct(public string $path, public string $label, private Closure $text)
    {
    }

    /** @param  string  $words  with one place for the number, as printf() writes it */
    public static function worded(string $path, string $label, string $words): self
    {
        return new self($path, $label, fn (float $value): string => sprintf($words, $value));
    }

    public static function stops(string $path, string $label): self
    {
        return new self($path, $label, fn (?float $stops): string => Quantity::quantity($stops, 'stops'));
    }

    public static function metres(string $path, string $label): self
    {
        return new self($path, $label, Metres::text(...));
    }

    public static function millimetres(string $path, string $label): self
    {
        return self::worded($path, $label, '%.3f mm');
    }

    public static function degrees(string $path, string $label): self
    {
        return self::worded($path, $label, '%.1f°');
    }

    public static function fNumber(string $path, string $label): self
    {
        return self::worded($path, $label, 'ƒ/%.1f');
    }

    /** @param  string  $words  with one place for the number */
    public static function number(string $path, string $label, string $words = '%s'): self
    {
        return new self($path, $label, fn (float $value): string => sprintf(
            $words,
            $value >= 100 ? number_format($value) : (string) round($value, $value >= 10 ? 1 : 3),
        ));
    }

    public static function frames(string $path, string $label): self
    {
        return new self($path, $label, fn (int $frames): string => $frames === 1 ? '1 frame' : $frames.' frames');
    }

    /** A limit in s is not rounded to the dial: 1/471 s is what it is. */
    public static function limit(string $path, string $label): self
    {
        return new self($path, $label, fn (?float $seconds): string => match (true) {
            $seconds === null => 'any time',
            $seconds < 0.3 => '1/'.round(1 / $seconds).' s',
            default => round($seconds, $seconds < 10 ? 1 : 0).' s',
        });
    }

    /** A time in s as on a dial, a long one in minutes and hours. */
    public static function duration(string $path, string $label): self
    {
        return new self($path, $label, fn (float $seconds): string => $seconds < self::SHORT
            ? (string) ExposureTime::nearest($seconds)
            : Duration::text($seconds));
    }

    /** A setting at ISO 100 for an exposure value. */
    public static function settingAtIso100(string $path, string $label): self
    {
        return new self($path, $label, fn (float $ev): string => sprintf(
            'ƒ/8, %s at ISO 100',
            ExposureTime::nearest(64 / 2 ** $ev),
        ));
    }

    public static function moment(string $path, string $label): self
    {
        return new self($path, $label, self::clock(...));
    }

    public static function hours(string $path, string $label): self
    {
        return new self($path, $label, fn (array $hours): string => implode(
            ' to ',
            array_map(self::clock(...), array_values($hours)),
        ));
    }

    public static function altitude(string $path, string $label): self
    {
        return new self($path, $label, fn (float $degrees): string => sprintf(
            '%.1f° %s the horizon',
            abs($degrees),
            $degrees < 0 ? 'below' : 'above',
        ));
    }

    public static function azimuth(string $path, string $label): self
    {
        return new self($path, $label, self::direction(...));
    }

    public static function direction(float $degrees): string
    {
        return sprintf('%.0f°, %s', $degrees, self::WINDS[(int) round($degrees / 45) % 8]);
    }

    /** @param  array<string, mixed>  $result */
    public function in(array $result): ?string
    {
        foreach (explode('.', $this->path) as $part) {
            if (! is_array($result) || ! array_key_exists($part, $result)) {
                return null;
            }
            $result = $result[$part];
        }

        return ($this->text)($result);
    }

    private static function clock(?string $at): string
    {
        return $at === null ? 'not on this day' : (new DateTimeImmutable($at))->format('H:i, j M');
    }
}
