<?php

declare(strict_types=1);

namespace App\Accounts;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Str;

/**
 * A password that is long enough, none of those that are tried first, and not made of the person's own name. What
 * surrounds a word, as in "Sunshine2024!", does not count.
 */
final readonly class GoodPassword implements ValidationRule
{
    public const LEAST = 12;

    /** Bytes: of more than these bcrypt takes no notice. */
    public const MOST_BYTES = 72;

    /** As they lie on a row of keys, over and over. */
    private const DIGITS = '12345678901234567890123456789012345678901234567890';

    /** @param  list<string>  $own  names and addresses of the person */
    public function __construct(private array $own = [])
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $password = is_string($value) ? $value : '';
        if (mb_strlen($password) < self::LEAST) {
            $fail(
                sprintf(
                    'A password needs %d characters or more. Several words together are easy to keep.',
                    self::LEAST,
                ),
            );
        } elseif (strlen($password) > self::MOST_BYTES) {
            $fail(
                sprintf(
                    'A password has %d bytes at most: letters with accents count as two. Leave some words out.',
                    self::MOST_BYTES,
                ),
            );
        } elseif ($this->isOwn($password)) {
            $fail('This password is made of your own name or address, which are tried first. Choose another.');
        } elseif ($this->isCommon($password)) {
            $fail(
                'This password is among those that are tried first. Choose another; several words together are '.
                    'good.',
            );
        }
    }

    private function isCommon(string $password): bool
    {
        $plain = Str::lower($password);
        $word = preg_replace('/^[^\p{L}]+|[^\p{L}]+$/u', '', $plain) ?? '';

        return CommonPasswords::has($plain) ||
            // The README has it.
            $plain === config('pupil.demo.password') ||
            CommonPasswords::has($word) ||
            // "123456789012", and the other way round
            str_contains(self::DIGITS, $plain) ||
            str_contains(self::DIGITS, strrev($plain)) ||
            // "aaaaaaaaaa", "abababababab"
            count(array_unique(mb_str_split($plain))) < 4;
    }

    private function isOwn(string $password): bool
    {
        $left = self::letters($password);
        foreach ($this->own as $text) {
            foreach (preg_split('/[^\p{L}\p{N}]+/u', Str::lower(Str::ascii($text))) ?: [] as $part) {
                $left = strlen($part) < 3 ? $left : str_replace($part, '', $left);
            }
        }

        return $left !== self::letters($password) && strlen($left) < 5;
    }

    /** Letters alone: what stands around a name makes it no other name. */
    private static function letters(string $text): string
    {
        return preg_replace('/[^a-z]+/', '', Str::lower(Str::ascii($text))) ?? '';
    }
}
