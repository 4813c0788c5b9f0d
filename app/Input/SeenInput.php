<?php

declare(strict_types=1);

namespace App\Input;

use TruePupil\Core\Json\Fields;
use TruePupil\Core\Json\InvalidFields;
use TruePupil\Core\Seen\Seen;
use TruePupil\Core\Seen\SeenFormat;

/** What was found in a picture, as the page sends it: its open format as text, or nothing. */
final class SeenInput
{
    /** Characters; twelve people and as many things take a fifth of it. */
    public const LONGEST = 60_000;

    public static function problem(?string $text): ?string
    {
        try {
            self::read($text);

            return null;
        } catch (InvalidFields $problem) {
            return 'What was found in the picture arrived damaged; look for it again. ('.$problem->getMessage().')';
        }
    }

    /** @throws InvalidFields naming what cannot be read */
    public static function read(?string $text): ?Seen
    {
        $seen = $text === null || trim($text) === '' ? null : SeenFormat::read(Fields::parse($text));

        return $seen === null || $seen->isEmpty() ? null : $seen;
    }

    public static function write(?Seen $seen): string
    {
        return $seen === null ? '' : json_encode($seen->toArray(), JSON_THROW_ON_ERROR);
    }
}
