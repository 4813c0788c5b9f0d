<?php

$address = (string) env('APP_URL', '');

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    // An evening of critique without signing in again, in minutes.
    'lifetime' => 480,
    'expire_on_close' => false,
    'encrypt' => false,
    'connection' => match (true) {
        env('SESSION_DRIVER') === 'redis' => 'default',
        (bool) env('DB_READ_HOST') => 'primary',
        default => null,
    },
    'table' => 'sessions',
    // pupil:clean removes what has expired.
    'lottery' => [0, 100],
    // Cookies are shared between ports of one host; the name keeps two copies apart.
    'cookie' => env(
        'SESSION_COOKIE',
        // Behind TLS browsers take it from this host alone, and from no other scheme or path.
        (str_starts_with($address, 'https://') ? '__Host-' : '').
            'true_pupil_'.substr(sha1((string) env('APP_KEY')), 0, 8),
    ),
    'path' => '/',
    'domain' => null,
    // Behind TLS the cookie never travels without it; elsewhere it goes by the request.
    'secure' => str_starts_with($address, 'https://') ? true : null,
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
