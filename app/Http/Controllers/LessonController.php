<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Imaging\Vips\PixelProgram;
use App\Models\User;
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
    public function index(Request $request): View
    {
        return view('lessons.index', [
            'lessons' => Lesson::all(),
            'read' => $this->user($request)->lessons_read ?? [],
        ]);
    }

    public function show(Request $request, string $lesson, Finder $finder, SceneRenderer $renderer): View
    {
        $found = Lesson::find($lesson) ?? abort(404);
        $input = $found->input($request->query());
        $reading = $finder->look(
            $input->shot(Scene::find($found->scene), CameraSetups::ofDemo(), new DateTimeImmutable()),
        );

        $isTried = $found->isTried($input->texts);
        if ($isTried) {
            $this->remember($this->user($request), $found);
        }

        return view($request->header('HX-Request') === null ? 'lessons.show' : 'lessons.moved', [
            'lesson' => $found,
            'set' => $input->texts,
            'isTried' => $isTried,
            'isAnswer' => $request->boolean('answer'),
            'read' => $this->user($request)->lessons_read ?? [],
            'raw' => in_array('raw', $found->shows, true) ? SensorTones::of($renderer, $reading->rendering) : null,
            'view' => new FinderView(
                $reading,
                FinderPicture::of($renderer, app(PixelProgram::class), $reading->rendering),
            ),
        ]);
    }

    /** Once something was moved, the lesson counts as read. */
    private function remember(User $user, Lesson $lesson): void
    {
        $read = $user->lessons_read ?? [];
        if (! in_array($lesson->id, $read, true)) {
            $user->update(['lessons_read' => [...$read, $lesson->id]]);
        }
    }
}
