<?php

declare(strict_types=1);

namespace App\Reach;

use Illuminate\Http\Request;

/** Whether somebody sits at the machine that the service runs on. */
final class OwnMachine
{
    private const BY_PROXY = [
        'Forwarded',
        'X-Forwarded-For',
        'X-Forwarded-Host',
        'X-Forwarded-Proto',
        'X-Real-Ip',
        'Via',
    ];

    public const LOOPBACK = '/^(localhost|127(\.\d{1,3}){3}|\[?::1\]?)$/i';

    public static function is(string $host): bool
    {
        return preg_match(self::LOOPBACK, $host) === 1;
    }

    /** What came by way of a proxy did not begin here, wherever the proxy runs. */
    public static function asks(Request $request): bool
    {
        foreach (self::BY_PROXY as $header) {
            if ($request->headers->has($header)) {
                return false;
            }
        }

        return self::is($request->getHost()) && self::is($request->server->getString('REMOTE_ADDR'));
    }
}
