@use(App\Models\AttemptState)
<x-layout :title="$course->name" :course="$course">
    <h1 class="visually-hidden">{{ $course->name }}</h1>
    @if ($course->archived_at)
        <p class="word">The course is over. What is yours stays here to be read.</p>
    @endif
    @if ($course->asks_confirmed && auth()->user()->email_verified_at === null)
        <p class="word word-problem">This course asks for a confirmed address before you hand in. <a
                href="{{ route('account') }}">Confirm yours</a></p>
    @endif
    @if ($loading)
        @include('courses.demo-loading')
    @endif
    <section class="next-step" aria-labelledby="next">
        @if ($next->picture)
            <a class="next-picture" href="{{ $next->link }}" tabindex="-1" aria-hidden="true"><img
                    src="{{ $next->picture }}" alt=""></a>
        @endif
        <div>
            <p class="eyebrow">{{ $next->eyebrow }}</p>
            <h2 id="next">{{ $next->title }}</h2>
            <p>{{ $next->text }}</p>
            <p><a class="button primary" href="{{ $next->link }}">{{ $next->label }}</a></p>
        </div>
    </section>
    @if ($meeting)
        <section class="meeting meeting-now" aria-labelledby="meeting">
            <p class="eyebrow">{{ $meeting->when() }}</p>
            <h2 id="meeting">{{ $meeting->meeting->title }}</h2>
            <x-meeting :planned="$meeting" :course="$course" />
            <p><a class="fine" href="{{ route('programme', $course) }}">The whole programme</a></p>
        </section>
    @endif
    <div class="columns">
        <section aria-labelledby="briefs">
            <h2 id="briefs">Briefs</h2>
            @if ($rows)
                <ol class="brief-list student-briefs">
                    @foreach ($rows as $row)
                        <li class="brief-line">
                            @if ($row->frame())
                                <a class="line-frame" href="{{ $row->link() }}" tabindex="-1" aria-hidden="true"><img
                                        src="{{ route('frames.small', $row->frame()) }}" alt="" loading="lazy"></a>
                            @endif
                            <h3>
                                @if ($row->isReadable())
                                    <a
                                    href="{{ route('set-briefs.show', $row->brief->setBrief) }}">{{ $row->brief->title
                                    }}</a>@else{{ $row->brief->title }}
                                @endif
                                @if ($row->isNew($unread))
                                    <b class="tag">new</b>
                                @endif
                            </h3>
                            <p @class(['brief-due', 'overdue' => $row->isOverdue()])>{{ $row->when($course) }}</p>
                            <p class="brief-counts">
                                @if ($row->last === null)
                                    @if ($row->mayBegin($course))
                                        <a href="{{ route('plans.edit', $row->brief->setBrief) }}">{{ $row->plan
                                            ? 'Your plan' . ($row->plan->chosen
                                            ? ': ' . $row->plan->chosen->exposure->settings : '') : 'Plan it' }}</a>
                                    @endif
                                @else
                                    <span>Attempt {{ $row->last->number }} <span
                                            class="state state-{{ $row->last->state->value }}">{{
                                            $row->last->state->label() }}</span></span>
                                    <span class="fine">{{ $row->since($course) }}{{ $row->isLate() ? ', late'
                                        : '' }}</span>
                                    @if ($row->returned)
                                        <a href="{{ route('attempts.return', $row->returned) }}">Read the return</a>
                                    @endif
                                    @if ($row->last->state === AttemptState::Draft)
                                        <a href="{{ route('set-briefs.show', $row->brief->setBrief) }}">Go on</a>
                                    @endif
                                @endif
                            </p>
                        </li>
                    @endforeach
                </ol>
            @else
                <div class="sheet">
                    <p>No brief is set yet.</p>
                    <p class="fine">Your instructor will set one; it then appears here. Until then the <a
                            href="{{ route('practice') }}">practice camera</a> is open.</p>
                </div>
            @endif
        </section>
        <aside>
            <ul class="plain-list">
                <li><a href="{{ route('courses.calendar', $course) }}">Dates for a calendar</a></li>
                <li><a href="{{ route('first-settings') }}">First settings of your camera</a></li>
                <li><a href="{{ route('banks') }}">Your settings banks</a></li>
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
