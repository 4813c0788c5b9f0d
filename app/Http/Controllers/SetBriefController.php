<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Briefs\InstructorBriefs;
use App\Courses\CorrectBrief;
use App\Courses\Roles;
use App\Http\Requests\SetBriefRequest;
use App\Http\Requests\TakeBackBriefRequest;
use App\Models\Course;
use App\Models\Role;
use App\Models\SetBrief;
use App\Models\User;
use App\Notices\BriefSet;
use App\Planning\CourseReach;
use App\Retention\DeleteAttempts;
use App\Trail\Trail;
use App\Trail\TrailEvent;
use App\View\Presenters\BriefShelf;
use App\View\Presenters\SetBriefForInstructor;
use App\View\Presenters\SetBriefForStudent;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Notification;
use Illuminate\View\View;
use TruePupil\Core\Checks\BriefFormat;
use TruePupil\Core\Plan\LightCondition;

final class SetBriefController extends Controller
{
    public function __construct(private readonly Roles $roles, private readonly InstructorBriefs $ownBriefs)
    {
    }

    public function create(Request $request, Course $course): View
    {
        $user = $this->user($request);

        return view('set-briefs.create', [
            'course' => $course,
            'shelf' => BriefShelf::of(
                $this->ownBriefs->all($user, $course),
                array_keys($this->ownBriefs->own($user)),
                $this->ownBriefs->sharedBy($user, $course),
                $course,
            ),
        ]);
    }

    /** Whether the kits of the course can meet a brief's checks, before it is set. */
    public function reach(Request $request, Course $course): View
    {
        $id = $request->string('brief')->toString();
        $brief = BriefFormat::read($this->ownBriefs->data($this->user($request), $id, $course) ?? abort(404));

        return view('set-briefs.reach', [
            'course' => $course,
            'brief' => $brief,
            'reach' => CourseReach::of($course, $brief, LightCondition::tryFrom($request->string('light')->toString())),
        ]);
    }

    public function store(SetBriefRequest $request, Course $course): RedirectResponse
    {
        $id = $request->string('brief')->toString();
        $data = $this->ownBriefs->data($this->user($request), $id, $course);
        if ($data === null) {
            return back()
                ->withInput()
                ->withErrors(['brief' => 'There is no such brief in the library.']);
        }
        $setBrief = $course
            ->setBriefs()
            ->createOrFirst(
                ['brief_id' => $id, 'revision' => (int) ($data['revision'] ?? 1)],
                ['brief' => $course->setting($data), 'is_hidden' => $request->boolean('hidden'), ...$request->dates()],
            );

        if ($setBrief->wasRecentlyCreated) {
            if (! $setBrief->is_hidden && $setBrief->dates()->isOpened()) {
                Notification::send($course->people(Role::Student)->get(), new BriefSet($setBrief));
                $setBrief->update(['announced_at' => now()]);
            }
            Trail::note($course, $this->user($request), TrailEvent::BriefSet, $setBrief->content()->words->title);
        }

        return redirect()
            ->route('set-briefs.show', $setBrief)
            ->with(
                'done',
                match (true) {
                    ! $setBrief->wasRecentlyCreated => 'This brief was set before; here it is.',
                    $setBrief->is_hidden => 'The brief is set. Students do not see it until you show it.',
                    ! $setBrief->dates()->isOpened() => 'The brief is set. Students can read it from '.
                        $course->formatMoment($setBrief->opens_at ?? now()).'.',
                    default => 'The brief is set. Students see it from now on.',
                },
            );
    }

    public function show(Request $request, SetBrief $setBrief): View
    {
        $user = $this->user($request);
        $role = $this->roles->in($setBrief->course, $user);
        if ($role === Role::Student) {
            return view('set-briefs.student', ['view' => SetBriefForStudent::of($setBrief, $user)]);
        }

        return view('set-briefs.show', [
            'view' => SetBriefForInstructor::of(
                $setBrief,
                $role === Role::Instructor,
                $this->newer($setBrief, $user),
            ),
        ]);
    }

    /** The newest revision of it in the library takes its place, for whoever has not begun. */
    public function correct(Request $request, SetBrief $setBrief, CorrectBrief $correct): RedirectResponse
    {
        $data = $this->ownBriefs->data($this->user($request), $setBrief->brief_id, $setBrief->course);
        if ($data === null || ! $correct->handle($setBrief, $data)) {
            return back()->with('problem', 'There is no newer revision of this brief.');
        }
        Trail::note(
            $setBrief->course,
            $this->user($request),
            TrailEvent::BriefCorrected,
            $setBrief->refresh()->content()->words->title,
        );

        return redirect()
            ->route('set-briefs.show', $setBrief)
            ->with(
                'done',
                'Revision '.$setBrief->revision.' is set now. Attempts that had been begun keep the text of before.',
            );
    }

    /** Takes a brief out of the course, with every attempt at it. */
    public function destroy(TakeBackBriefRequest $request, SetBrief $setBrief, DeleteAttempts $delete): RedirectResponse
    {
        [$course, $title] = [$setBrief->course, $setBrief->content()->words->title];
        $delete->withBrief($setBrief);
        Trail::note($course, $this->user($request), TrailEvent::BriefRemoved, $title);

        return redirect()
            ->route('courses.show', $course)
            ->with('done', sprintf('"%s" is out of the course, with everything that was handed in for it.', $title));
    }

    /** The revision that a set brief could be corrected to; null where it is the newest. */
    private function newer(SetBrief $setBrief, User $user): ?int
    {
        $data = $this->ownBriefs->data($user, $setBrief->brief_id, $setBrief->course);
        $revision = (int) ($data['revision'] ?? 1);

        return $data !== null && $revision > $setBrief->revision ? $revision : null;
    }
}
