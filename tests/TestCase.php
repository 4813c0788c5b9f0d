<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Tests\Support\PageResponse;

/** A test of the application; tests of core/ extend PHPUnit's own class and know no framework. */
abstract class TestCase extends FrameworkTestCase
{
    public function createApplication(): Application
    {
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function createTestResponse($response, $request): PageResponse
    {
        return new PageResponse($response, $request);
    }
}
