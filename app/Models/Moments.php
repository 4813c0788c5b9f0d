<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/** How moments are written for whoever reads the page: in their own time zone and language, where they chose any. */
final class Moments
{
    /** Languages of dates, by their tags. */
    public const LANGUAGES = [
        'en' => 'English',
        'cs' => 'Čeština',
        'da' => 'Dansk',
        'de' => 'Deutsch',
        'es' => 'Español',
        'fr' => 'Français',
        'it' => 'Italiano',
        'nl' => 'Nederlands',
        'nb' => 'Norsk bokmål',
        'pl' => 'Polski',
        'pt' => 'Português',
        'fi' => 'Suomi',
        'sv' => 'Svenska',
    ];

    private static ?string $zone = null;

    private static string $language = 'en';

    /** For as long as this request lasts. */
    public static function readBy(?User $user): void
    {
        self::$zone = $user?->timezone;
        self::$language = $user->locale ?? 'en';
    }

    /**
     * @param  string  $zone  of the course, for those who chose none
     * @param  string  $pattern  as of isoFormat
     */
    public static function write(Carbon $moment, string $zone, string $pattern): string
    {
        $read = $moment->clone()->setTimezone(self::$zone ?? $zone);
        $read->locale(self::$language);

        return $read->isoFormat($pattern);
    }

    /** The zone in which they are written, named where it is not plain. */
    public static function zone(string $zone): string
    {
        $used = self::$zone ?? $zone;

        return $used === 'UTC' ? 'UTC' : '('.$used.')';
    }
}
