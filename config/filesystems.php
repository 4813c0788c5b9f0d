<?php

// Pictures, rolls and files on their way lie in folders outside the web root, or in one private bucket of a store that
// speaks S3. Nothing else is kept on a node.
$isRemote = env('PUPIL_STORE', 'local') === 's3';
$s3 = [
    'driver' => 's3',
    'key' => env('AWS_ACCESS_KEY_ID'),
    'secret' => env('AWS_SECRET_ACCESS_KEY'),
    'region' => env('AWS_DEFAULT_REGION', 'us-east-1'),
    'bucket' => env('AWS_BUCKET', 'true-pupil'),
    'endpoint' => env('AWS_ENDPOINT'),
    'use_path_style_endpoint' => (bool) env('AWS_USE_PATH_STYLE_ENDPOINT', true),
    'visibility' => 'private',
    'throw' => true,
    'http' => ['connect_timeout' => 3, 'timeout' => 30],
    'retries' => 2,
    // Stores that are not the first of their kind do not all know the newer sums.
    'request_checksum_calculation' => 'when_required',
    'response_checksum_validation' => 'when_required',
];
$disk = fn (string $folder, string $name): array => $isRemote
    ? [...$s3, 'root' => $name]
    : ['driver' => 'local', 'root' => storage_path($folder), 'throw' => true];

return [
    'default' => 'pictures',
    // For backups, which may go to a bucket of their own.
    's3' => $s3,
    'disks' => [
        // Originals and working copies.
        'pictures' => $disk('pictures', 'pictures'),
        // Rolls of the practice camera, and uploads under way.
        'files' => $disk('app', 'files'),
        // The framework would open one of its own to the world.
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'throw' => true],
    ],
];
