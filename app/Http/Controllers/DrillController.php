<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\Roles;
use App\Models\Course;
use App\Models\DrillAnswer;
use App\Models\Role;
use App\Models\User;
use App\Practice\DailyRound;
use App\Practice\DrillPicture;
use App\Practice\Drills;
use App\View\Drawings\ToneStrip;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use InvalidArgumentException;
use TruePupil\Core\Drill\Drill;
use TruePupil\Core\Drill\DrillKind;
use TruePupil\Core\Drill\Spacing;

final class DrillController extends Controller
{
    public function __construct(private readonly Drills $drills, private readonly Roles $roles)
    {
    }

    public function index(Request $request): View
    {
        return view('drills.index', [
            'record' => $this->drills->record($this->user($request)),
            'round' => DailyRound::of($this->user($request)),
        ]);
    }

    /** Where a class stands, for whoever teaches it. */
    public function course(Course $course): View
    {
        return view('drills.course', ['course' => $course, 'rows' => $this->drills->ofCourse($course)]);
    }

    /** The answers behind a student's figure. */
    public function evidence(Course $course, User $user): View
    {
        abort_unless($this->roles->in($course, $user) === Role::Student, 404);

        return view('drills.evidence', [
            'course' => $course,
            'student' => $user,
            // What was practised before this course is none of its business.
            'answers' => DrillAnswer::query()
                ->where('user_id', $user->id)
                ->where('created_at', '>=', $this->roles->since($course, $user))
                ->orderByDesc('id')
                ->limit(200)
                ->get(),
        ]);
    }

    public function next(Request $request): RedirectResponse
    {
        $next = $this->drills->next($this->user($request), DrillKind::tryFrom((string) $request->query('kind')));

        return redirect()->route('drills.show', [
            'kind' => $next['kind'],
            'scene' => $next['scene'],
            'level' => $next['level'],
            'seed' => $next['seed'],
        ]);
    }

    public function show(Request $request, string $kind, string $scene, int $level, int $seed): View
    {
        return $this->page($this->drill($request, $kind, $scene, $level, $seed));
    }

    public function answer(Request $request, string $kind, string $scene, int $level, int $seed): View
    {
        $drill = $this->drill($request, $kind, $scene, $level, $seed);
        $answer = trim((string) $request->input('answer'));
        try {
            $isRight = $this->drills->answer($this->user($request), $drill, $answer);

            return $this->page($drill, $answer, $isRight, round: DailyRound::of($this->user($request)));
        } catch (InvalidArgumentException $problem) {
            return $this->page($drill, $answer, problem: $problem->getMessage());
        }
    }

    /** A picture of the question; which settings it was taken at is not in its address. */
    public function picture(
        Request $request,
        string $kind,
        string $scene,
        int $level,
        int $seed,
        string $frame,
        DrillPicture $pictures,
    ): Response {
        foreach ($this->drill($request, $kind, $scene, $level, $seed)->frames as $shown) {
            if ($shown->name === $frame) {
                return response($pictures->of($shown)->jpeg, 200, [
                    'Content-Type' => 'image/jpeg',
                    'Cache-Control' => 'private, max-age=86400',
                ]);
            }
        }
        abort(404);
    }

    private function page(
        Drill $drill,
        string $answer = '',
        ?bool $isRight = null,
        ?string $problem = null,
        ?DailyRound $round = null,
    ): View {
        return view('drills.show', [
            'drill' => $drill,
            'answer' => $answer,
            'isRight' => $isRight,
            'round' => $round,
            'problem' => $problem,
            'strip' => $drill->strip === null ? null
                : ToneStrip::ofTones(app(DrillPicture::class)->of($drill->strip)->tones),
            'address' => [
                'kind' => $drill->kind,
                'scene' => $drill->scene,
                'level' => $drill->level,
                'seed' => $drill->seed,
            ],
        ]);
    }

    private function drill(Request $request, string $kind, string $scene, int $level, int $seed): Drill
    {
        $known = DrillKind::tryFrom($kind);
        abort_if($known === null || $level < 1 || $level > Spacing::HARDEST || $seed < 0 || $seed > 4_000_000_000, 404);
        try {
            return $this->drills->make($known, $level, $seed, $scene, $this->user($request));
        } catch (InvalidArgumentException) {
            abort(404);
        }
    }
}
