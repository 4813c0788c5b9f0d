<?php

use Spatie\Activitylog\Models\Activity;

// What the package itself takes where an installation says nothing, but for its table.
return [
    'enabled' => true,
    'default_log_name' => 'default',
    'default_auth_driver' => null,
    'subject_returns_soft_deleted_models' => false,
    'activity_model' => Activity::class,
    'table_name' => 'activity_log',
    'database_connection' => null,
];
