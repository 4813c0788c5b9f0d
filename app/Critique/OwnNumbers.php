<?php

declare(strict_types=1);

namespace App\Critique;

use App\Wording\CheckNumber;

/** Places in a remark to several students where each reads a number of their own. */
final class OwnNumbers
{
    /** What is asked for by each place, in the order in which they are offered. */
    public const PLACES = ['stops' => '[their own stops]', 'value' => '[their own value]'];

    /** @return ?string the remark as one of them reads it; null where a number that it wants is not known */
    public static function fill(string $remark, ?CheckNumber $number): ?string
    {
        $own = ['stops' => $number?->stops(), 'value' => $number?->told()];
        foreach (self::PLACES as $what => $place) {
            if (! str_contains($remark, $place)) {
                continue;
            }
            if ($own[$what] === null) {
                return null;
            }
            $remark = str_replace($place, $own[$what], $remark);
        }

        return $remark;
    }
}
