<?php

declare(strict_types=1);

namespace Tests;

use App\Imaging\PictureTags;
use App\Imaging\PixelEngine;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use ReflectionClass;
use Tests\Support\DecodesAfresh;
use Tests\Support\Kept;
use Tests\Support\KeptPixels;
use Tests\Support\KeptTags;
use Tests\Support\PageResponse;

/** A test of the application; tests of core/ extend PHPUnit's own class and know no framework. */
abstract class TestCase extends FrameworkTestCase
{
    public function createApplication(): Application
    {
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        $kept = getenv('PUPIL_KEPT');
        if (is_string($kept) && (new ReflectionClass($this))->getAttributes(DecodesAfresh::class) === []) {
            $this->keepReadings($app, new Kept($kept));
        }

        return $app;
    }

    private function keepReadings(Application $app, Kept $kept): void
    {
        $app->extend(PictureTags::class, fn (PictureTags $tags): KeptTags => new KeptTags($tags, $kept));
        $app->extend(PixelEngine::class, fn (PixelEngine $pixels): KeptPixels => new KeptPixels($pixels, $kept));
    }

    protected function createTestResponse($response, $request): PageResponse
    {
        return new PageResponse($response, $request);
    }
}
