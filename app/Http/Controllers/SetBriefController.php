<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Briefs\InstructorBriefs;
use App\Courses\Roles;
use App\Models\Attempt;
use App\Models\Course;
use App\Models\Role;
use App\Models\SavedPlan;
use App\Models\SetBrief;
use App\Notices\BriefSet;
use App\Retention\DeleteAttempts;
use App\Trail\Trail;
use App\Trail\TrailEvent;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Notification;
use Illuminate\View\View;
use TruePupil\Core\Brief\Brief;

final class SetBriefController extends Controller
{
    public function __construct(private readonly Roles $roles)
    {
    }

    public function create(Request $request, Course $course, InstructorBriefs $ownBriefs): View
    {
        $briefs = $ownBriefs->all($this->user($request));

        return view('set-briefs.create', [
            'course' => $course,
            'briefs' => $briefs,
            'own' => array_values(
                array_filter(
                    array_map(fn (Brief $brief): string => $brief->id, $briefs),
                    fn (string $id): bool => $ownBriefs->isOwn($this->user($request), $id),
                ),
            ),
            'set' => $course
                ->setBriefs()
                ->get(['brief_id', 'revision'])
                ->groupBy('brief_id')
                ->map(fn ($all) => $all->max('revision'))
                ->all(),
        ]);
    }

    public function store(Request $request, Course $course, InstructorBriefs $ownBriefs): RedirectResponse
    {
        $input = $request->validate([
            'brief' => ['required', 'string'],
            'due_at' => ['nullable', 'date', 'after:2000-01-01', 'before:2200-01-01'],
        ]);
        $data = $ownBriefs->data($this->user($request), $input['brief']);
        if ($data === null) {
            return back()
                ->withInput()
                ->withErrors(['brief' => 'There is no such brief in the library.']);
        }
        $setBrief = $course->setBriefs()->createOrFirst(
            ['brief_id' => $input['brief'], 'revision' => (int) ($data['revision'] ?? 1)],
            [
                'brief' => $data,
                'due_at' => isset($input['due_at']) ? Carbon::parse($input['due_at'], $course->timezone)->utc() : null,
            ],
        );

        if ($setBrief->wasRecentlyCreated) {
            Notification::send($course->people(Role::Student)->get(), new BriefSet($setBrief));
            Trail::note($course, $this->user($request), TrailEvent::BriefSet, $setBrief->content()->words->title);
        }

        return redirect()
            ->route('set-briefs.show', $setBrief)
            ->with(
                'done',
                $setBrief->wasRecentlyCreated
                    ? 'The brief is set. Students see it from now on.'
                    : 'This brief was set already; nothing has changed.',
            );
    }

    /** Another due date, or none. Who has handed in is not concerned; the others are reminded again. */
    public function update(Request $request, SetBrief $setBrief): RedirectResponse
    {
        $due = $request->validate([
            'due_at' => ['nullable', 'date', 'after:2000-01-01', 'before:2200-01-01'],
        ])['due_at'] ?? null;
        $course = $setBrief->course;
        $setBrief->update([
            'due_at' => $due === null ? null : Carbon::parse($due, $course->timezone)->utc(),
            'reminded_at' => null,
        ]);
        $title = $setBrief->content()->words->title;
        Trail::note($course, $this->user($request), TrailEvent::DueChanged, $title);

        return redirect()
            ->route('set-briefs.show', $setBrief)
            ->with(
                'done',
                $setBrief->due_at === null
                    ? 'It is due at no time now.'
                    : 'It is due '.$course->formatMoment($setBrief->due_at).' now.',
            );
    }

    public function show(Request $request, SetBrief $setBrief): View
    {
        $role = $this->roles->in($setBrief->course, $this->user($request));

        $attempts =
            $role === Role::Student
                ? Attempt::query()
                    ->with('frames.picture')
                    ->where('set_brief_id', $setBrief->id)
                    ->where('user_id', $this->user($request)->id)
                    ->orderBy('number')
                    ->get()
                : collect();

        return view('set-briefs.show', [
            'setBrief' => $setBrief,
            'brief' => $setBrief->content(),
            'role' => $role,
            'plan' => $role === Role::Student ? SavedPlan::forNext($setBrief, $this->user($request)) : null,
            'last' => $attempts->last(),
            'attempts' => $attempts,
            'count' => $role === Role::Instructor ? $setBrief->attempts()->count() : 0,
        ]);
    }

    /** Takes a brief out of the course, with every attempt at it. */
    public function destroy(Request $request, SetBrief $setBrief, DeleteAttempts $delete): RedirectResponse
    {
        $request->validate(
            ['sure' => ['accepted']],
            ['sure.accepted' => 'Tick that the attempts go with it. Nothing was deleted.'],
        );
        [$course, $title] = [$setBrief->course, $setBrief->content()->words->title];
        $delete->withBrief($setBrief);
        Trail::note($course, $this->user($request), TrailEvent::BriefRemoved, $title);

        return redirect()
            ->route('courses.show', $course)
            ->with('done', sprintf('"%s" is out of the course, with everything that was handed in for it.', $title));
    }
}
