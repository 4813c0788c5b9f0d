<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Demo\DemoLoading;
use App\Models\Course;
use Illuminate\Http\Response;

/** How many of the demo's attempts are here; once all are, the page is asked for again. */
final readonly class DemoLoadingController
{
    public function __invoke(Course $course): Response
    {
        $loading = DemoLoading::into($course);

        return $loading === null
            ? response('')->header('HX-Refresh', 'true')
            : response()->view('courses.demo-loading', ['course' => $course, 'loading' => $loading]);
    }
}
