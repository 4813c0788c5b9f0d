@use(App\Models\Role)
<x-layout :title="$course->name" :course="$course">
    <div class="title-row">
        <div>
            <p class="eyebrow">{{ $course->place }}</p>
            <h1>{{ $course->name }}</h1>
        </div>
        @if ($role === Role::Instructor)
            <p class="join-code"><span class="fine">Students join with</span> <b
                    class="code">{{ $course->join_code }}</b></p>
        @endif
    </div>

    <div class="columns">
        <div>
            @if ($waiting)
                <section class="sheet" aria-labelledby="waiting">
                    <div class="title-row">
                        <h2 id="waiting">Waiting for you</h2><a class="button"
                            href="{{ route('courses.desk', $course) }}">All that waits</a>
                    </div>
                    <x-waiting-sheet :waiting="$waiting" :facts="$facts" :course="$course" />
                </section>
            @endif
            <section aria-labelledby="briefs">
                <div class="title-row">
                    <h2 id="briefs">Set briefs</h2>
                    @if ($role === Role::Instructor)
                        <a class="button" href="{{ route('set-briefs.create', $course) }}">Set a brief</a>
                    @endif
                </div>
                @forelse ($briefs as $brief)
                    <article class="sheet brief-line">
                        <h3><a href="{{ route('set-briefs.show', $brief->setBrief) }}"><span
                                    class="number">{{ $brief->number }}</span> {{ $brief->title }}</a>
                            @if ($brief->revision > 1)
                                <span class="fine">revision {{ $brief->revision }}</span>
                            @endif
                        </h3>
                        <p class="brief-counts">
                            @if ($brief->students === 0)
                                <span class="fine">no students yet</span>
                            @else
                                <span>{{ $brief->attempts->handedIn }} of {{ $brief->students }} handed in</span>
                                @if ($brief->attempts->waiting)
                                    <a
                                        href="{{ route('courses.desk',
                                        ['course' => $course, 'brief' => $brief->setBrief]) }}"><b>{{
                                            $brief->attempts->waiting }}
                                            waiting</b></a>
                                @endif
                                @if ($brief->attempts->atDesk)
                                    <span>{{ $brief->attempts->atDesk }} at the desk</span>
                                @endif
                                @if ($brief->attempts->returned)
                                    <span>{{ $brief->attempts->returned }} returned</span>
                                @endif
                            @endif
                        </p>
                        @if ($brief->dueAt)
                            <p @class([
                                'fine',
                                'overdue' => $brief->isOverdue() && $brief->missing(),
                            ])>due {{ $course->formatMoment($brief->dueAt) }}</p>
                        @endif
                    </article>
                @empty
                    <div class="sheet">
                        <p>No brief is set yet.</p>
                        @if ($role === Role::Instructor)
                            <p><a class="button primary" href="{{ route('set-briefs.create', $course) }}">Set the first
                                    brief</a></p>
                        @endif
                    </div>
                @endforelse
            </section>
        </div>
        <aside>
            <ul class="plain-list">
                <li><a href="{{ route('courses.board', $course) }}">The board: who has handed in what</a></li>
                <li><a href="{{ route('courses.desk', $course) }}">What waits at the desk</a></li>
                @if ($role === Role::Instructor)
                    <li><a href="{{ route('courses.settings', $course) }}">Course and approach</a></li>
                    <li><a href="{{ route('courses.trail', $course) }}">Trail: who did what</a></li>
                    <li><a href="{{ route('courses.drills', $course) }}">Where the class stands in the drills</a></li>
                @endif
                <li><a href="{{ route('courses.calendar', $course) }}">Due dates for a calendar</a></li>
                @if ($role === Role::Instructor)
                    <li>Take along: <a href="{{ route('exports.table', $course) }}">frames as CSV</a>, <a
                            href="{{ route('exports.document', $course) }}">the course as JSON</a></li>
                @endif
            </ul>
            <section class="sheet" aria-labelledby="members">
                <h2 id="members">Members</h2>
                <ul class="members">
                    @foreach (Role::cases() as $one)
                        @if ($members[$one->value] ?? 0)
                            <li>{{ $members[$one->value] }}
                                {{ strtolower($one->label()) . ($members[$one->value] === 1 ? '' : 's') }}</li>
                        @endif
                    @endforeach
                </ul>
                @if ($role === Role::Instructor)
                    <p><a href="{{ route('courses.members', $course) }}">Members and codes</a></p>
                @endif
            </section>
            <x-approach :course="$course" />
        </aside>
    </div>
</x-layout>
