@use(App\Models\Role)
<x-layout :title="$course->name" :course="$course" wide>
    <div class="sheet-head">
        <div>
            <p class="eyebrow">{{ $course->place }}{{ $course->archived_at ? ' · archived '
                . $course->formatDay($course->archived_at) : '' }}</p>
            <h1>{{ $steps ? 'Three steps to the first evening'
                    : trans_choice('{0} Nobody waits|{1} One attempt waits|[2,*] :count attempts wait', $count) }}
                @if ($count > count($waiting))
                    <a class="fine" href="{{ route('courses.desk', $course) }}">all of it at the desk</a>
                @endif
            </h1>
        </div>
        @if ($waiting)
            <a class="button primary" href="{{ route('desk.show', $waiting[0]->attempt) }}">Begin with the longest
                waiting</a>
        @endif
    </div>
    @if ($loading)
        @include('courses.demo-loading')
    @endif
    @if ($steps)
        <ol class="first-steps">
            @foreach ($steps as $step)
                <li @class(['sheet', 'is-done' => $step->isDone])>
                    <h2>{{ $step->title }}</h2>
                    <p>{{ $step->says }}</p>
                    <p>
                        @foreach ($step->links as $label => $url)
                            <a @class(['button', 'primary' => $loop->first && !$step->isDone]) href="{{ $url }}">{{
                                $label }}</a>
                        @endforeach
                    </p>
                </li>
            @endforeach
        </ol>
    @endif
    @if ($waiting)
        <x-waiting-sheet :waiting="$waiting" :course="$course" />
    @endif
    <x-answered-sheet :answers="$answers" :course="$course" />
    <div class="columns">
        <section aria-labelledby="briefs">
            <div class="title-row">
                <h2 id="briefs">Briefs <span class="fine">by date</span></h2>
                @if ($role === Role::Instructor)
                    <a class="button" href="{{ route('set-briefs.create', $course) }}">Set a brief</a>
                @endif
            </div>
            @if ($briefs)
                <ol class="brief-list">
                    @foreach ($briefs as $brief)
                        <x-brief-line :brief="$brief" :course="$course" />
                    @endforeach
                </ol>
            @else
                <p class="sheet">No brief is set yet.</p>
            @endif
        </section>
        <aside>
            @if ($role === Role::Instructor)
                <section class="sheet" aria-labelledby="members">
                    <h2 id="members">{{ $members }}</h2>
                    <p>Students join with <b class="code">{{ $course::readableCode($course->join_code) }}</b></p>
                    <p><a class="button" href="{{ route('courses.invitation', $course) }}">Show the invitation</a></p>
                </section>
            @endif
            @if ($steps)
                <details>
                    <summary>What the course teaches where photographers disagree</summary>
                    <x-approach :course="$course" />
                </details>
            @else
                <x-approach :course="$course" />
            @endif
            <ul class="plain-list quiet-list">
                <li><a href="{{ route('programme', $course) }}">Programme</a></li>
                <li><a href="{{ route('courses.calendar', $course) }}">Dates for a calendar</a></li>
                @if ($role === Role::Instructor)
                    <li><a href="{{ route('courses.drills', $course) }}">Where the class stands in the drills</a></li>
                    <li><a href="{{ route('exports.table', $course) }}">Frames as CSV</a></li>
                    @if ($course->marking->parts())
                        <li><a href="{{ route('marks.course', $course) }}">Marks as CSV</a></li>
                    @endif
                    <li><a href="{{ route('exports.document', $course) }}">The course as JSON</a></li>
                @endif
            </ul>
        </aside>
    </div>
</x-layout>
