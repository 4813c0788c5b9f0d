<?php

declare(strict_types=1);

namespace App\Imaging;

use InvalidArgumentException;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;

/** A subject's shape from a picture that any program can paint: lighter than mid-grey where it is. */
final class SubjectMask
{
    /** Cells along the longer side of the frame. */
    private const CELLS = 128;

    private const HALF = 128;

    private const LARGEST = 40_000_000;

    /** @throws InvalidArgumentException where it is no picture, or shows no subject */
    public static function read(string $path): SubjectShape
    {
        [$width, $height] = (is_file($path) ? @getimagesize($path) : false) ?: [0, 0];
        if ($width * $height <= 0 || $width * $height > self::LARGEST) {
            throw new InvalidArgumentException(
                sprintf('"%s" is no mask: it takes a PNG or JPEG of up to 40 megapixels.', $path),
            );
        }
        $image = imagecreatefromstring((string) file_get_contents($path)) ?:
            throw new InvalidArgumentException(sprintf('"%s" is no picture that can be read as a mask.', $path));
        $columns = max(1, (int) round(self::CELLS * min(1.0, $width / $height)));
        $rows = max(1, (int) round(self::CELLS * min(1.0, $height / $width)));
        $small = imagecreatetruecolor($columns, $rows);
        imagecopyresampled($small, $image, 0, 0, 0, 0, $columns, $rows, $width, $height);
        $cells = '';
        for ($i = 0; $i < $columns * $rows; $i++) {
            $code = (int) imagecolorat($small, $i % $columns, intdiv($i, $columns));
            $cells .= (($code >> 8) & 255) >= self::HALF ? '1' : '0';
        }

        return self::cut($cells, $columns, $rows) ??
            throw new InvalidArgumentException(sprintf('"%s" shows no subject: nothing of it is white.', $path));
    }

    /** Only as much of the frame as the subject takes. */
    private static function cut(string $cells, int $columns, int $rows): ?SubjectShape
    {
        [$across, $down] = [[], []];
        for ($i = 0, $all = strlen($cells); $i < $all; $i++) {
            if ($cells[$i] === '1') {
                $across[] = $i % $columns;
                $down[] = intdiv($i, $columns);
            }
        }
        if ($across === [] || $down === []) {
            return null;
        }
        [$left, $top] = [min($across), min($down)];
        [$wide, $high] = [max($across) - $left + 1, max($down) - $top + 1];
        $kept = '';
        for ($y = $top; $y < $top + $high; $y++) {
            $kept .= substr($cells, $y * $columns + $left, $wide);
        }

        return new SubjectShape(
            Region::of($left / $columns, $top / $rows, $wide / $columns, $high / $rows),
            $wide,
            $high,
            $kept,
        );
    }
}
