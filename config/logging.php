<?php

// Lines of JSON without personal data (App\Watch\LogLine), in a file or, where something else gathers them, on the
// standard error ("stderr"). What cannot be written down must not be what fails.
$folder = env('PUPIL_LOGS', storage_path('logs'));

return [
    'folder' => $folder,
    'default' => 'stack',
    'channels' => [
        'stack' => [
            'driver' => 'stack',
            'channels' => [env('LOG_CHANNEL', 'single')],
            'ignore_exceptions' => true,
        ],
        'single' => [
            'driver' => 'single',
            'path' => $folder.'/true-pupil.log',
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
        'emergency' => ['path' => $folder.'/true-pupil.log'],
    ],
];
