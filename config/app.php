<?php

return [
    'name' => 'True Pupil',
    'version' => trim((string) file_get_contents(__DIR__.'/../VERSION')),
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'faker_locale' => 'en_GB',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    // After a change of the key: what was signed and stored with the older ones still counts.
    'previous_keys' => array_values(array_filter(explode(',', (string) env('APP_PREVIOUS_KEYS', '')))),
    // On several nodes the sign that a service is being looked after lies in what they share: "cache".
    'maintenance' => ['driver' => env('APP_MAINTENANCE_DRIVER', 'file'), 'store' => env('CACHE_STORE', 'file')],
];
