<?php

declare(strict_types=1);

namespace App\Reach;

/** Under which names the service answers. */
final class TrustedNames
{
    /**
     * That of APP_URL, and those that are named beside it; on loopback, every name of this machine. A name that
     * somebody else made up would come back in links, also in mail.
     *
     * @return array<string> patterns
     */
    public static function patterns(): array
    {
        $own = (string) parse_url((string) config('app.url'), PHP_URL_HOST);
        $named = array_map(
            fn (string $name): string => '^'.preg_quote($name).'$',
            [$own, ...config('pupil.hosts')],
        );

        return OwnMachine::is($own) ? [...$named, trim(OwnMachine::LOOPBACK, '/i')] : $named;
    }
}
