<?php

declare(strict_types=1);

namespace App\Accounts;

use InvalidArgumentException;
use SensitiveParameter;

/** Codes that change every half minute: RFC 6238 with SHA-1 over a counter as in RFC 4226. */
final class OneTimeCode
{
    /** Seconds. */
    public const STEP = 30;

    public const DIGITS = 6;

    /** RFC 4648. */
    private const BASE_32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** @param  string  $secret  bytes */
    public static function at(#[SensitiveParameter] string $secret, int $step, int $digits = self::DIGITS): string
    {
        $sum = hash_hmac('sha1', pack('J', $step), $secret, true);
        $from = ord($sum[19]) & 0xF;
        /** @var array{1: int} $word */
        $word = unpack('N', substr($sum, $from, 4));

        return str_pad((string) (($word[1] & 0x7FFFFFFF) % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    public static function step(int $time): int
    {
        return intdiv($time, self::STEP);
    }

    /** @param  string  $bytes  a secret, as programs that make codes take it */
    public static function readable(#[SensitiveParameter] string $bytes): string
    {
        $bits = '';
        foreach (str_split($bytes) as $byte) {
            $bits .= str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT);
        }
        $text = '';
        foreach (str_split($bits, 5) as $five) {
            $text .= self::BASE_32[(int) bindec(str_pad($five, 5, '0'))];
        }

        return $text;
    }

    /** @throws InvalidArgumentException where a letter is none of the alphabet's */
    public static function bytes(#[SensitiveParameter] string $readable): string
    {
        $bits = '';
        foreach (str_split(strtoupper(rtrim($readable, '='))) as $letter) {
            $at = strpos(self::BASE_32, $letter);
            $bits .= $at === false
                ? throw new InvalidArgumentException('This is no secret in base 32.')
                : str_pad(decbin($at), 5, '0', STR_PAD_LEFT);
        }
        $bytes = '';
        foreach (str_split(substr($bits, 0, intdiv(strlen($bits), 8) * 8), 8) as $eight) {
            $bytes .= chr((int) bindec($eight));
        }

        return $bytes;
    }
}
