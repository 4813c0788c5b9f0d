<?php

$connection = env('DB_READ_HOST') ? 'primary' : null;

return [
    // Locks lie where the cache does. One machine: "file". Several web nodes or workers: "redis" or "database".
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'file' => [
            'driver' => 'file',
            'path' => storage_path('framework/cache/data'),
            'lock_path' => storage_path('framework/cache/data'),
        ],
        'database' => ['driver' => 'database', 'connection' => $connection, 'table' => 'cache'],
        'redis' => ['driver' => 'redis', 'connection' => 'cache', 'lock_connection' => 'default'],
    ],
    'prefix' => 'true-pupil-',
];
