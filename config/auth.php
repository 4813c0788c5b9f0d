<?php

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'users'],
    // Minutes for which a browser that was told to remember does so: sixty days, renewed by use.
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users', 'remember' => 60 * 24 * 60]],
    'providers' => ['users' => ['driver' => 'addresses', 'model' => App\Models\User::class]],
    'passwords' => [
        // Minutes that a link counts, and seconds until another may be asked for.
        'users' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 60, 'throttle' => 60],
    ],
    // Microseconds that a failed try takes at least, so that its length tells nothing of who is known.
    'timebox_duration' => 500_000,
    'password_timeout' => 10800,
];
