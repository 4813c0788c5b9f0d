<?php

// Seconds after which a job counts as lost whose worker no longer says that it is at it. A living worker says so every
// few seconds (App\Workers\Supervisor), so that this need not be as long as the longest job.
$lease = 20;

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'connection' => env('DB_READ_HOST') ? 'primary' : null,
            'table' => 'jobs',
            'queue' => 'default',
            'retry_after' => $lease,
            'after_commit' => true,
        ],
        'redis' => [
            'driver' => 'redis',
            'connection' => 'default',
            'queue' => 'default',
            'retry_after' => $lease,
            'block_for' => null,
            'after_commit' => true,
        ],
    ],
    // In this order: whoever has just sent a picture waits to mark it.
    'order' => ['reading', 'default', 'mail'],
    'failed' => ['driver' => 'database-uuids', 'database' => 'mariadb', 'table' => 'failed_jobs'],
];
