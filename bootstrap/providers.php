<?php

return [
    App\Providers\AppServiceProvider::class,
    App\Providers\AccountServiceProvider::class,
    App\Providers\ImagingServiceProvider::class,
    App\Providers\ScheduleServiceProvider::class,
    App\Providers\TrailServiceProvider::class,
    App\Providers\WorkerServiceProvider::class,
];
