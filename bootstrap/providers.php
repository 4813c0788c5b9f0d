<?php

return [App\Providers\AppServiceProvider::class, App\Providers\ImagingServiceProvider::class];
