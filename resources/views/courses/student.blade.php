@use(App\Models\AttemptState)
<x-layout :title="$course->name" :course="$course">
    <p class="eyebrow">{{ $course->place }}</p>
    <h1>{{ $course->name }}</h1>
    @if ($course->asks_confirmed && auth()->user()->email_verified_at === null)
        <p class="word word-problem">This course asks for a confirmed address before you hand in. <a
                href="{{ route('account') }}">Confirm yours</a></p>
    @endif
    <div class="columns">
        <section aria-labelledby="briefs">
            <h2 id="briefs">Briefs</h2>
            @forelse ($rows as $row)
                <article class="sheet brief-line">
                    <h3><a href="{{ route('set-briefs.show', $row->brief->setBrief) }}"><span
                                class="number">{{ $row->brief->number }}</span> {{ $row->brief->title }}</a></h3>
                    <p class="brief-counts">
                        @if ($row->last === null)
                            <span class="fine">You have not handed in yet.</span>
                            @if ($row->plan)
                                <a href="{{ route('plans.edit', $row->brief->setBrief) }}">Your
                                plan{{ $row->plan->chosen ? ': ' . $row->plan->chosen->exposure->settings
                                    : '' }}</a>@else<a
                                    href="{{ route('plans.edit', $row->brief->setBrief) }}">Plan it</a>
                            @endif
                        @else
                            <span>Attempt {{ $row->last->number }} <span
                                    class="state state-{{ $row->last->state->value }}">{{ $row->last->state->label()
                                    }}</span></span>
                            <span class="fine">{{ $row->since($course) }}</span>
                            @if ($row->returned)
                                <a href="{{ route('attempts.return', $row->returned) }}">Read the return</a>
                            @endif
                            @if ($row->last->state === AttemptState::Draft)
                                <a href="{{ route('set-briefs.show', $row->brief->setBrief) }}">Go on</a>
                            @endif
                        @endif
                    </p>
                    @if ($row->brief->dueAt)
                        <p @class([
                            'fine',
                            'overdue' => $row->isOverdue(),
                        ])>due {{ $course->formatMoment($row->brief->dueAt) }}</p>
                    @endif
                </article>
            @empty
                <div class="sheet">
                    <p>No brief is set yet.</p>
                    <p class="fine">Your instructor will set one; it then appears here. Until then the <a
                            href="{{ route('practice') }}">practice camera</a> is open.</p>
                </div>
            @endforelse
        </section>
        <aside>
            <ul class="plain-list">
                <li><a href="{{ route('courses.calendar', $course) }}">Due dates for a calendar</a></li>
                <li><a href="{{ route('first-settings') }}">First settings of your camera</a></li>
                <li><a href="{{ route('banks') }}">Your settings banks</a></li>
                <li><a href="{{ route('skills', $course) }}">Your way through the course</a></li>
                <li><a href="{{ route('exports.portfolio', $course) }}">Your portfolio as a ZIP</a></li>
            </ul>
            <section class="sheet" aria-labelledby="teaches">
                <h2 id="teaches">Who critiques</h2>
                <ul class="members">
                    @foreach ($instructors as $member)
                        <li>{{ $member->user->name }} <span class="fine">{{ $member->role->label() }}</span></li>
                    @endforeach
                </ul>
            </section>
            <x-approach :course="$course" />
        </aside>
    </div>
</x-layout>
