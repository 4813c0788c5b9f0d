<?php

use Spatie\Activitylog\Models\Activity;

// The package's own, written out: its provider, which would bring them, is not run (TrailServiceProvider).
return [
    'enabled' => true,
    'default_log_name' => 'default',
    'default_auth_driver' => null,
    'subject_returns_soft_deleted_models' => false,
    'activity_model' => Activity::class,
    'table_name' => 'activity_log',
    'database_connection' => null,
];
