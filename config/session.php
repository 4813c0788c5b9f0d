<?php

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    // An evening of critique without signing in again, in minutes.
    'lifetime' => 480,
    'expire_on_close' => false,
    'encrypt' => false,
    'connection' => null,
    'table' => 'sessions',
    // pupil:clean removes what has expired.
    'lottery' => [0, 100],
    // Cookies are shared between ports of one host; the name keeps two copies apart.
    'cookie' => 'true_pupil_'.substr(sha1((string) env('APP_KEY')), 0, 8),
    'path' => '/',
    'domain' => null,
    'secure' => (bool) env('SESSION_SECURE', false),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
