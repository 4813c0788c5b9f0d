<?php

declare(strict_types=1);

namespace TruePupil\Core\Plan;

use InvalidArgumentException;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Json\InvalidFields;
use TruePupil\Core\Sky\Location;

/** A place as two fields, "lat" and "lon", in degrees as people type them: with a comma or a point, and any minus. */
final class PlaceFields
{
    /**
     * @return ?Location null where neither is said
     *
     * @throws InvalidArgumentException naming the field that is wrong
     */
    public static function read(Fields $data): ?Location
    {
        $texts = array_map(
            fn (string $field): string => is_scalar($data->raw($field))
                ? strtr(trim((string) $data->raw($field)), [',' => '.', '−' => '-'])
                : '',
            ['lat', 'lon'],
        );
        if ($texts === ['', '']) {
            return null;
        }
        foreach (['lat', 'lon'] as $index => $field) {
            if (! is_numeric($texts[$index])) {
                throw new InvalidFields(sprintf('%s: a place needs both degrees; got "%s".', $field, $texts[$index]));
            }
        }
        try {
            return Location::of((float) $texts[0], (float) $texts[1]);
        } catch (InvalidArgumentException $problem) {
            throw new InvalidFields('lat: '.$problem->getMessage());
        }
    }
}
