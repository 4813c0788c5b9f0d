<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Courses\ArrangeBriefs;
use App\Courses\GiveMoreTime;
use App\Http\Requests\BriefDatesRequest;
use App\Http\Requests\MoreTimeRequest;
use App\Http\Requests\MoveBriefRequest;
use App\Models\Course;
use App\Models\SetBrief;
use App\Trail\Trail;
use App\Trail\TrailEvent;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** When a set brief is worked at, by whom it is seen, and where it stands among the others. */
final class BriefDatesController extends Controller
{
    /** Other dates. Who has handed in is not concerned; the others are reminded again. */
    public function update(BriefDatesRequest $request, SetBrief $setBrief): RedirectResponse
    {
        $setBrief->update([...$request->dates(), 'is_hidden' => $request->boolean('hidden'), 'reminded_at' => null]);
        $course = $setBrief->course;
        Trail::note($course, $this->user($request), TrailEvent::DueChanged, $setBrief->content()->words->title);

        return redirect()
            ->route('set-briefs.show', $setBrief)
            ->with(
                'done',
                implode(' ', array_filter([
                    $setBrief->due_at === null
                        ? 'It is due at no time now.'
                        : 'It is due '.$course->formatMoment($setBrief->due_at).' now.',
                    $setBrief->is_hidden ? 'Students who have not begun it do not see it.' : null,
                ])),
            );
    }

    /** One place up or down in the list. */
    public function move(MoveBriefRequest $request, SetBrief $setBrief, ArrangeBriefs $arrange): RedirectResponse
    {
        $way = $request->validated()['way'];
        $arrange->move($setBrief, $way === 'up' ? -1 : 1);
        Trail::note($setBrief->course, $this->user($request), TrailEvent::BriefsArranged);

        return redirect()->route('courses.briefs', $setBrief->course_id);
    }

    public function byDates(Request $request, Course $course, ArrangeBriefs $arrange): RedirectResponse
    {
        $arrange->byDates($course);
        Trail::note($course, $this->user($request), TrailEvent::BriefsArranged);

        return redirect()->route('courses.briefs', $course)->with('done', 'The briefs stand by their dates.');
    }

    /** More time for some students, or for a group; an empty date takes it back. */
    public function extend(MoreTimeRequest $request, SetBrief $setBrief, GiveMoreTime $give): RedirectResponse
    {
        $course = $setBrief->course;
        $input = $request->validated();
        $until = $course->parseMoment($input['until'] ?? null);
        if ($until !== null && $setBrief->due_at !== null && ! $until->greaterThan($setBrief->due_at)) {
            return back()
                ->withInput()
                ->withErrors([
                    'until' => 'That is not later than '.$course->formatMoment($setBrief->due_at).
                        ', when it is due for everybody.',
                ]);
        }
        $count = $give->handle(
            $setBrief,
            array_map(intval(...), array_values($input['students'] ?? [])),
            $input['group'] ?? null,
            $until,
        );
        Trail::note($course, $this->user($request), TrailEvent::MoreTime, $setBrief->content()->words->title);

        return redirect()
            ->to(route('set-briefs.show', $setBrief).'#running')
            ->with(
                'done',
                match (true) {
                    $count === 0 => 'Nobody of the course was chosen.',
                    $until === null => 'The date of everybody holds for '.self::people($count).' again.',
                    default => self::people($count).($count === 1 ? ' has' : ' have').' until '.
                        $course->formatMoment($until).'.',
                },
            );
    }

    private static function people(int $count): string
    {
        return $count === 1 ? 'One student' : $count.' students';
    }
}
