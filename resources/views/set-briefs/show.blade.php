@use(App\Models\Role)
@use(App\Models\AttemptState)
<x-layout :title="$brief->words->title" :course="$setBrief->course">
    <p class="eyebrow">Brief {{ $brief->number }}@if ($setBrief->due_at)
            · due {{ $setBrief->course->formatMoment($setBrief->due_at) }}
        @endif
    </p>
    <h1>{{ $brief->words->title }}</h1>

    @if ($role !== Role::Student)
        <p><a class="button" href="{{ route('patterns', $setBrief) }}">What the class did</a> <a class="button"
                href="{{ route('courses.desk', ['course' => $setBrief->course_id, 'brief' => $setBrief->id]) }}">What
                waits at the desk</a></p>
    @endif
    @if ($role === Role::Student)
        <section class="sheet" aria-labelledby="own">
            <div class="title-row">
                <h2 id="own">Your attempts</h2>
                @if ($plan)
                    <a class="button"
                        href="{{ route('plans.edit', $setBrief) }}">{{ $plan->exists ? 'Your plan'
                        : 'Plan it' }}{{ $plan->chosen ? ': ' . $plan->chosen->exposure->settings : '' }}</a>
                @endif
                @if ($brief->scene)
                    <a class="button" href="{{ route('practice.show', $brief->scene) }}">Try it on the practice
                        camera</a>
                @endif
            </div>
            @forelse ($attempts as $attempt)
                <div class="attempt-row">
                    <b>Attempt {{ $attempt->number }}</b> <span
                        class="state state-{{ $attempt->state->value }}">{{ $attempt->state->label() }}</span>
                    <span
                        class="fine">{{ $attempt->describeFrames() }}</span>
                    @if ($attempt->state === AttemptState::Returned)
                        <a class="button" href="{{ route('attempts.return', $attempt) }}">Read the return</a>
                    @elseif ($brief->most() > 1 || $attempt->frames->isEmpty())
                        <a class="button"
                            href="{{ route('attempts.show', $attempt) }}">{{ $attempt->state === AttemptState::Draft
                            ? 'Go on' : 'Look at it' }}</a>
                    @else<a class="button"
                            href="{{ route('frames.edit', $attempt->frames->first()) }}">{{ $attempt->state ===
                            AttemptState::Draft ? 'Go on' : 'Look at it' }}</a>
                    @endif
                </div>
            @empty
                <p class="fine">None yet.
                    {{ $brief->most() > 1 ? 'The brief wants ' . $brief->frames->least
                        . ' frames; send them all at once, or one after another.'
                        : 'Choose the one picture that you would show.' }}
                </p>
            @endforelse
            @if ($last === null || in_array($last->state, [AttemptState::Draft, AttemptState::Returned], true))
                @foreach ($brief->rows() ?: [null] as $row)
                    <x-upload :setBrief="$setBrief" :row="$row?->id" :many="$brief->most() > 1" :label="match (true) {
                        $row !== null && count($brief->rows()) > 1 => $row->label,
                        $brief->most() > 1 => $last?->state === AttemptState::Draft ? 'More frames' : 'Your frames',
                        $last?->state === AttemptState::Draft && $last->frames->isNotEmpty()
                            => 'Take another picture instead',
                        $last?->state === AttemptState::Returned => 'Picture for attempt ' . ($last->number + 1),
                        default => 'Your picture',
                    }" />
                @endforeach
            @else
                <p class="fine">Attempt {{ $last->number }} is {{ $last->state->label() }}. When it has come back
                    you can hand in the next one.</p>
            @endif
        </section>
    @endif
    <article class="sheet"><x-brief :brief="$brief" /></article>
    @if ($role === Role::Instructor)
        <form method="post" action="{{ route('set-briefs.update', $setBrief) }}" class="sheet inline-form" data-once>
            @csrf @method('put')
            <label for="due">Due <span class="fine">{{ $setBrief->course->timezone }}; empty for no date</span></label>
            <input id="due" type="datetime-local" name="due_at"
                value="{{ old('due_at', $setBrief->due_at?->clone()->setTimezone($setBrief->course->timezone)
                    ->format('Y-m-d\TH:i')) }}">
            <button>Save the date</button>
        </form>
        <details class="sheet" @if ($errors->has('sure')) open @endif>
            <summary>Take the brief out of the course</summary>
            <form method="post" action="{{ route('set-briefs.destroy', $setBrief) }}" data-once>@csrf @method('delete')
                <label class="tick-label-row"><input type="checkbox" name="sure" value="1"> {{ $count === 0
                    ? 'Nobody has begun it' : ($count === 1 ? '1 attempt at it is' : $count . ' attempts at it are')
                    . ' deleted too, with pictures and critiques' }}</label>
                <button>Take it out</button>
            </form>
        </details>
    @endif
</x-layout>
