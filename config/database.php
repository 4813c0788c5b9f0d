<?php

$certificate = env('DB_SSL_CA');
$connection = [
    'driver' => 'mariadb',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '3306'),
    'unix_socket' => env('DB_SOCKET', ''),
    'database' => env('DB_DATABASE', 'truepupil'),
    'username' => env('DB_USERNAME', 'truepupil'),
    'password' => env('DB_PASSWORD', ''),
    'charset' => 'utf8mb4',
    'collation' => 'utf8mb4_unicode_ci',
    'prefix' => '',
    'strict' => true,
    'engine' => 'InnoDB',
    'options' => [
        // Each query in one message, not in three: with the database on another machine that is most of its time.
        PDO::ATTR_EMULATE_PREPARES => true,
        PDO::MYSQL_ATTR_MULTI_STATEMENTS => false,
        // A database that does not answer is told within seconds.
        PDO::ATTR_TIMEOUT => (int) env('DB_TIMEOUT', 5),
        ...($certificate === null ? [] : [PDO::MYSQL_ATTR_SSL_CA => $certificate]),
    ],
];
$replicas = array_values(array_filter(array_map(trim(...), explode(',', (string) env('DB_READ_HOST', '')))));
$redis = [
    'url' => env('REDIS_URL'),
    'host' => env('REDIS_HOST', '127.0.0.1'),
    'port' => env('REDIS_PORT', '6379'),
    'username' => env('REDIS_USERNAME'),
    'password' => env('REDIS_PASSWORD'),
    'timeout' => 5.0,
    'read_write_timeout' => 10.0,
];

return [
    'default' => 'mariadb',
    'connections' => [
        // With replicas, pages are read from them, unless their reader has just written (App\Http\Middleware\Replicas).
        'mariadb' => $replicas === []
            ? $connection
            : [
                ...$connection,
                'read' => ['host' => $replicas],
                'write' => ['host' => [env('DB_HOST', '127.0.0.1')]],
                'sticky' => true,
            ],
        // For what may never be read late: sessions, locks, the queue.
        'primary' => $connection,
    ],
    // Seconds after which an answer of the database no longer comes: for a page, and for jobs and commands.
    'page_seconds' => (int) env('DB_PAGE_SECONDS', 4),
    'job_seconds' => (int) env('DB_JOB_SECONDS', 300),
    // Seconds in which a replica may still lack what was written.
    'replica_seconds' => (int) env('DB_REPLICA_SECONDS', 15),
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
    'redis' => [
        'client' => 'predis',
        'options' => ['prefix' => env('REDIS_PREFIX', 'true-pupil:')],
        'default' => [...$redis, 'database' => env('REDIS_DB', '0')],
        'cache' => [...$redis, 'database' => env('REDIS_CACHE_DB', '1')],
    ],
];
