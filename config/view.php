<?php

return [
    'paths' => [resource_path('views')],
    'compiled' => storage_path('framework/views'),
    // On a server they are put together once, when the settings are read (view:cache).
    'check_cache_timestamps' => (bool) env('VIEW_CHECK_TIMESTAMPS', true),
];
