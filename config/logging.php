<?php

// Lines of JSON without personal data (App\Watch\LogLine), in a file or, where something else gathers them, on the
// standard error ("stderr"). What cannot be written down must not be what fails.
return [
    'default' => 'stack',
    'channels' => [
        'stack' => [
            'driver' => 'stack',
            'channels' => [env('LOG_CHANNEL', 'single')],
            'ignore_exceptions' => true,
        ],
        'single' => [
            'driver' => 'single',
            'path' => storage_path('logs/true-pupil.log'),
            'level' => env('LOG_LEVEL', 'info'),
            'formatter' => App\Watch\LogLine::class,
            'replace_placeholders' => true,
        ],
        'stderr' => [
            'driver' => 'monolog',
            'handler' => Monolog\Handler\StreamHandler::class,
            'handler_with' => ['stream' => 'php://stderr'],
            'level' => env('LOG_LEVEL', 'info'),
            'formatter' => App\Watch\LogLine::class,
            'replace_placeholders' => true,
        ],
        'emergency' => ['path' => storage_path('logs/true-pupil.log')],
    ],
];
