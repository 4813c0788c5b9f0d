<?php

declare(strict_types=1);

namespace App\Input;

use InvalidArgumentException;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\WayOut;

/** Marks as the form sends them: a kind, and points in percent of the frame, "x,y x,y". */
final class MarksInput
{
    /** @param  array<mixed>  $input  rows of kind and points */
    public static function problem(array $input): ?string
    {
        try {
            self::read($input);

            return null;
        } catch (InvalidArgumentException $problem) {
            return $problem->getMessage();
        }
    }

    /**
     * @param  array<mixed>  $input
     * @return list<Mark>
     *
     * @throws InvalidArgumentException naming what cannot be used
     */
    public static function read(array $input): array
    {
        $list = [];
        foreach ($input as $row) {
            $points = is_array($row) && is_string($row['points'] ?? null) ? trim($row['points']) : '';
            // A row whose numbers were wiped out is one that was taken back.
            if ($points !== '') {
                $list[] = [
                    'kind' => $row['kind'] ?? null,
                    'points' => array_map(self::point(...), preg_split('/\s+/', $points) ?: []),
                    'what' => $row['what'] ?? null,
                    'tried' => $row['tried'] ?? null,
                ];
            }
        }

        return Marks::read(null, $list)->list;
    }

    /**
     * @param  list<Mark>  $marks
     * @return list<array{kind: string, points: string, what: ?string, tried: list<string>}>
     *   as the form has them: points in percent, "x,y x,y"
     */
    public static function write(array $marks): array
    {
        $percent = fn (array $point): string => round(100 * $point[0], 2).','.round(100 * $point[1], 2);

        return array_map(
            fn (Mark $mark): array => [
                'kind' => $mark->kind->value,
                'points' => implode(' ', array_map($percent, $mark->points)),
                'what' => $mark->what?->value,
                'tried' => array_map(fn (WayOut $way): string => $way->value, $mark->tried),
            ],
            $marks,
        );
    }

    /** @return array{float, float} */
    private static function point(string $pair): array
    {
        $numbers = explode(',', $pair);
        if (count($numbers) !== 2 || ! is_numeric($numbers[0]) || ! is_numeric($numbers[1])) {
            throw new InvalidArgumentException(
                sprintf(
                    '"%s" is no place on the picture; write how far across and down in percent, such as 20,50, with a '.
                        'space before the next place.',
                    $pair,
                ),
            );
        }

        return [(float) $numbers[0] / 100, (float) $numbers[1] / 100];
    }
}
