<?php

declare(strict_types=1);

namespace App\Reach;

/** Under which names the service answers. */
final class TrustedNames
{
    /** @return array<string> patterns; none on loopback, where any name that leads here is this machine's own */
    public static function patterns(): array
    {
        $own = (string) parse_url((string) config('app.url'), PHP_URL_HOST);

        return OwnMachine::is($own)
            ? []
            : array_map(
                fn (string $name): string => '^'.preg_quote($name).'$',
                [$own, ...config('pupil.hosts')],
            );
    }
}
