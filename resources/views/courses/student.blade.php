@use(App\Models\AttemptState)
<x-layout :title="$course->name" :course="$course">
    <p class="eyebrow">{{ $course->place }}</p>
    <h1>{{ $course->name }}</h1>
    <div class="columns">
        <section aria-labelledby="briefs">
            <h2 id="briefs">Briefs</h2>
            @forelse ($briefs as $brief)
                @php($own = $attempts->get($brief->setBrief, collect()))
                @php($last = $own->last())
                <article class="sheet brief-line">
                    <h3><a href="{{ route('set-briefs.show', $brief->setBrief) }}"><span
                                class="number">{{ $brief->number }}</span> {{ $brief->title }}</a></h3>
                    <p class="brief-counts">
                        @if ($last === null)
                            <span class="fine">You have not handed in yet.</span>
                            @if ($plans->has($brief->setBrief))
                                <a href="{{ route('plans.edit', $brief->setBrief) }}">Your
                                plan{{ $plans[$brief->setBrief]->chosen ? ': ' . $plans[$brief->setBrief]->chosen['display']['text'] : '' }}</a>@else<a
                                    href="{{ route('plans.edit', $brief->setBrief) }}">Plan it</a>
                            @endif
                        @else
                            <span>Attempt {{ $last->number }} <span
                                    class="state state-{{ $last->state->value }}">{{ $last->state->label() }}</span></span>
                            <span
                                class="fine">{{ ($last->returned_at ?? ($last->opened_at ?? ($last->handed_in_at ?? $last->created_at)))->clone()->setTimezone($course->timezone)->format('j M, H:i') }}</span>
                            @php($returned = $own->last(fn($attempt) => $attempt->state === AttemptState::Returned))
                            @if ($returned)
                                <a href="{{ route('attempts.return', $returned) }}">Read the return</a>
                            @endif
                            @if ($last->state === AttemptState::Draft)
                                <a href="{{ route('set-briefs.show', $brief->setBrief) }}">Go on</a>
                            @endif
                        @endif
                    </p>
                    @if ($brief->dueAt)
                        <p @class([
                            'fine',
                            'overdue' =>
                                $brief->isOverdue() &&
                                ($last === null ||
                                    ($last->state === AttemptState::Draft && $last->number === 1)),
                        ])>due {{ $course->said($brief->dueAt) }}</p>
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
