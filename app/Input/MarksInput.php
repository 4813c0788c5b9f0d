<?php

declare(strict_types=1);

namespace App\Input;

use InvalidArgumentException;
use TruePupil\Core\Composition\Marks;

/** Marks as the form sends them: a kind, and points in percent of the frame, "x,y x,y". */
final class MarksInput
{
    /** @param  array<mixed>  $typed  rows of kind and points */
    public static function problem(array $typed): ?string
    {
        try {
            self::read($typed);

            return null;
        } catch (InvalidArgumentException $problem) {
            return $problem->getMessage();
        }
    }

    /**
     * @param  array<mixed>  $typed
     *
     * @throws InvalidArgumentException naming what cannot be used
     */
    public static function read(array $typed): Marks
    {
        $list = [];
        foreach ($typed as $row) {
            $points = is_array($row) && is_string($row['points'] ?? null) ? trim($row['points']) : '';
            // A row whose numbers were wiped out is one that was taken back.
            if ($points !== '' && is_array($row)) {
                $list[] = [
                    'kind' => $row['kind'] ?? null,
                    'points' => array_map(self::point(...), preg_split('/\s+/', $points) ?: []),
                ];
            }
        }

        return Marks::read(null, $list);
    }

    /** @return array{float, float} */
    private static function point(string $pair): array
    {
        $numbers = explode(',', $pair);
        if (count($numbers) !== 2 || ! is_numeric($numbers[0]) || ! is_numeric($numbers[1])) {
            throw new InvalidArgumentException(
                sprintf(
                    '"%s" is no place on the picture; write how far across and down in percent, such as 20,50, with a '
                        .'space before the next place.',
                    $pair,
                ),
            );
        }

        return [(float) $numbers[0] / 100, (float) $numbers[1] / 100];
    }
}
