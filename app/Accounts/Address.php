<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Support\Str;
use Normalizer;

/** An e-mail address as it is stored and compared: without blanks, in lower case, each letter in one spelling. */
final class Address
{
    public static function of(mixed $typed): string
    {
        $text = is_scalar($typed) ? trim(mb_scrub((string) $typed)) : '';

        return Str::lower(Normalizer::normalize($text, Normalizer::FORM_KC) ?: $text);
    }
}
