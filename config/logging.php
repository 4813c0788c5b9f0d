<?php

return [
    // What cannot be written down must not be what fails.
    'default' => 'stack',
    'channels' => [
        'stack' => ['driver' => 'stack', 'channels' => ['single'], 'ignore_exceptions' => true],
        'single' => [
            'driver' => 'single',
            'path' => storage_path('logs/true-pupil.log'),
            'level' => env('LOG_LEVEL', 'info'),
            'replace_placeholders' => true,
        ],
        'emergency' => ['path' => storage_path('logs/true-pupil.log')],
    ],
];
