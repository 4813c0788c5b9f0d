<?php

// With MAIL_HOST mail goes out by SMTP; without it, what would have been sent is written down (see app/Letterbox).
return [
    'default' => env('MAIL_HOST') ? 'smtp' : 'letterbox',
    'mailers' => [
        'smtp' => [
            'transport' => 'smtp',
            // "smtps" for TLS from the first byte; with "smtp" TLS is begun where the server offers it.
            'scheme' => env('MAIL_SCHEME', 'smtp'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 20,
            'local_domain' => env(
                'MAIL_EHLO_DOMAIN',
                parse_url((string) env('APP_URL', 'http://localhost'), PHP_URL_HOST),
            ),
        ],
        'letterbox' => ['transport' => 'letterbox'],
        'array' => ['transport' => 'array'],
    ],
    'from' => [
        'address' => env('MAIL_FROM_ADDRESS', 'true-pupil@localhost'),
        'name' => env('MAIL_FROM_NAME', 'True Pupil'),
    ],
];
