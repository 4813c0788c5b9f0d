@use(App\Models\Role)
@use(App\Models\AttemptState)
<x-layout :title="$course->name" :course="$course">
    <div class="title-row">
        <div>
            <p class="eyebrow">{{ $course->place }}</p>
            <h1>{{ $course->name }}</h1>
        </div>
        @if ($role === Role::Instructor)
            <p class="join-code"><span class="fine">Students join with</span> <b class="code">{{ $course->join_code }}</b></p>
        @endif
    </div>

    <div class="columns">
        <section aria-labelledby="briefs">
            <div class="title-row"><h2 id="briefs">{{ $role === Role::Student ? 'Briefs' : 'Set briefs' }}</h2>
                @if ($role === Role::Instructor)<a class="button" href="{{ route('set-briefs.create', $course) }}">Set a brief</a>@endif
            </div>
            @forelse ($setBriefs as $setBrief)
                @php($brief = $setBrief->content())
                @php($own = $attempts->get($setBrief->id, collect()))
                <article class="sheet brief-card">
                    <header>
                        <h3><a href="{{ route('set-briefs.show', $setBrief) }}"><span class="number">{{ $brief->number }}</span> {{ $brief->title }}</a></h3>
                        @if ($setBrief->due_at)<p class="fine">due {{ $course->said($setBrief->due_at) }}</p>@endif
                    </header>
                    @if ($own->isEmpty())
                        <p class="fine">{{ $role === Role::Student ? 'You have not handed in yet.' : 'Nobody has handed in yet.' }}</p>
                    @else
                        <table class="ledger-table">
                            <thead><tr>@if ($role !== Role::Student)<th scope="col">Student</th>@endif<th scope="col">Attempt</th><th scope="col">State</th><th scope="col">Since</th><th scope="col"><span class="visually-hidden">Open</span></th></tr></thead>
                            <tbody>
                            @foreach ($own as $attempt)
                                <tr>
                                    @if ($role !== Role::Student)<th scope="row">{{ $attempt->user->name }}</th>@endif
                                    <td class="num-left">{{ $attempt->number }}</td>
                                    <td><span class="state state-{{ $attempt->state->value }}">{{ $attempt->state->label() }}</span></td>
                                    <td class="fine">{{ ($attempt->returned_at ?? $attempt->opened_at ?? $attempt->handed_in_at ?? $attempt->created_at)->clone()->setTimezone($course->timezone)->format('j M, H:i') }}</td>
                                    <td>
                                        @if ($role === Role::Student)
                                            @if ($attempt->state === AttemptState::Returned)<a href="{{ route('attempts.return', $attempt) }}">Read the return</a>
                                            @else<a href="{{ route('set-briefs.show', $setBrief) }}">{{ $attempt->state === AttemptState::Draft ? 'Go on' : 'Look' }}</a>@endif
                                        @else
                                            <a href="{{ $attempt->state === AttemptState::Returned ? route('attempts.return', $attempt) : route('desk.show', $attempt) }}">{{ $attempt->state === AttemptState::Returned ? 'Read' : 'To the desk' }}</a>
                                        @endif
                                    </td>
                                </tr>
                            @endforeach
                            </tbody>
                        </table>
                    @endif
                </article>
            @empty
                <div class="sheet"><p>No brief is set yet.</p>
                    @if ($role === Role::Instructor)<p><a class="button primary" href="{{ route('set-briefs.create', $course) }}">Set the first brief</a></p>@else<p class="fine">Your instructor will set one; it then appears here.</p>@endif
                </div>
            @endforelse
        </section>
        <aside>
            <ul class="plain-list">
                @if ($role === Role::Instructor)<li><a href="{{ route('courses.settings', $course) }}">Course and approach</a></li><li><a href="{{ route('courses.drills', $course) }}">Where the class stands in the drills</a></li>@endif
                <li><a href="{{ route('courses.calendar', $course) }}">Due dates for a calendar</a></li>
            </ul>
            <section class="sheet" aria-labelledby="members">
                <h2 id="members">Members</h2>
                <ul class="members">
                    @foreach ($members as $member)<li>{{ $member->user->name }} @if ($member->role !== Role::Student)<span class="fine">{{ $member->role->label() }}</span>@endif</li>@endforeach
                </ul>
            </section>
            <section class="sheet" aria-labelledby="approach">
                <h2 id="approach">Approach</h2>
                @php($approach = $course->approachChoices())
                <dl class="evidence">
                    @foreach (\TruePupil\Core\Brief\ApproachQuestion::cases() as $question)<div><dt>{{ $question->label() }}</dt><dd>{{ $question->choices()[$question->of($approach)] }}</dd></div>@endforeach
                </dl>
            </section>
        </aside>
    </div>
</x-layout>
