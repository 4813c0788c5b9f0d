<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Imaging\Vips\PixelProgram;
use App\Practice\CameraSetups;
use App\Practice\Finder;
use App\Practice\FinderPicture;
use App\Practice\Lesson;
use App\Practice\Scene;
use App\Practice\SceneRenderer;
use App\Practice\SensorTones;
use App\View\Presenters\FinderView;
use DateTimeImmutable;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** Short pages, an idea each, with pictures that answer. */
final class LessonController extends Controller
{
    public function index(): View
    {
        return view('lessons.index', ['lessons' => Lesson::all()]);
    }

    public function show(Request $request, string $lesson, Finder $finder, SceneRenderer $renderer): View
    {
        $found = Lesson::find($lesson) ?? abort(404);
        $input = $found->input($request->query());
        $reading = $finder->look(
            $input->shot(Scene::find($found->scene), CameraSetups::ofDemo(), new DateTimeImmutable()),
        );

        return view($request->header('HX-Request') === null ? 'lessons.show' : 'lessons.look', [
            'lesson' => $found,
            'set' => $input->texts,
            'after' => $found->next(),
            'raw' => in_array('raw', $found->shows, true) ? SensorTones::of($renderer, $reading->rendering) : null,
            'view' => new FinderView(
                $reading,
                FinderPicture::of($renderer, app(PixelProgram::class), $reading->rendering),
            ),
        ]);
    }
}
