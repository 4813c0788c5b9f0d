<?php

declare(strict_types=1);

namespace App\Input;

use InvalidArgumentException;
use TruePupil\Core\Kit\Lens;

/** A lens on one line of text, so that a kit fits into an address: "24-70 mm f/2.8-4 to 22 from 0.38 m". */
final class LensLine
{
    /** A name and a colon; focal lengths; the widest aperture; "to" the smallest; "from" the closest focus. */
    private const PATTERN = '~^(?:(?<name>.+):\s+)?'
        .'(?<min>\d+(?:\.\d+)?)(?:\s*[-–]\s*(?<max>\d+(?:\.\d+)?))?\s*(?:mm)?\s+'
        .'(?:[fƒ]/)?(?<wide>\d+(?:\.\d+)?)(?:\s*[-–]\s*(?:[fƒ]/)?(?<tele>\d+(?:\.\d+)?))?'
        .'(?:\s+to\s+(?:[fƒ]/)?(?<smallest>\d+(?:\.\d+)?))?'
        .'(?:\s+from\s+(?<closest>\d+(?:\.\d+)?)\s*m?)?$~u';

    /** @throws InvalidArgumentException when the line cannot be read as a lens */
    public static function parse(string $line): Lens
    {
        if (preg_match(self::PATTERN, trim(str_replace(',', '.', $line)), $part, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw new InvalidArgumentException(
                sprintf(
                    '"%s" cannot be read as a lens; write for instance "50 mm 1.8" or "24-70 mm 2.8-4 to 22 from 0.38 '.
                        'm".',
                    trim($line),
                ),
            );
        }
        [$min, $wide] = [(float) $part['min'], (float) $part['wide']];
        $max = (float) ($part['max'] ?? $min);
        $name = trim($part['name'] ?? '');

        return new Lens(
            $name !== ''
                ? $name
                : ($max > $min ? $min.'–'.$max : $min).
                    ' mm '.
                    $part['wide'].
                    (isset($part['tele']) ? '–'.$part['tele'] : ''),
            $min,
            $max,
            $wide,
            (float) ($part['tele'] ?? $wide),
            (float) ($part['smallest'] ?? 22),
            (float) ($part['closest'] ?? 0),
        );
    }

    public static function of(Lens $lens): string
    {
        return sprintf(
            '%s: %s%s mm %s%s to %s%s',
            str_replace(': ', ' ', $lens->name),
            $lens->minFocal,
            $lens->maxFocal > $lens->minFocal ? '-'.$lens->maxFocal : '',
            $lens->widestAtMin,
            $lens->widestAtMax !== $lens->widestAtMin ? '-'.$lens->widestAtMax : '',
            $lens->smallest,
            $lens->closestFocus > 0 ? sprintf(' from %s m', $lens->closestFocus) : '',
        );
    }

    /**
     * @return list<Lens>
     *
     * @throws InvalidArgumentException
     */
    public static function all(string $text): array
    {
        $lines = array_filter(preg_split('/[\r\n;]+/', $text) ?: [], fn (string $line): bool => trim($line) !== '');

        return array_map(self::parse(...), array_slice($lines, 0, 30));
    }
}
