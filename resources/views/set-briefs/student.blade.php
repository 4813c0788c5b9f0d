@use(App\Models\AttemptState)
<x-layout :title="$view->brief->words->title" :course="$view->setBrief->course" keeps>
    <x-seen />
    <p class="eyebrow">{{ $view->dates->dueAt ? 'due ' . $view->setBrief->course->formatMoment($view->dates->dueAt)
        : 'no date' }}{{ $view->dates->isExtended ? ', with more time for you' : '' }}{{ $view->dates->closesAt
        && !$view->dates->isClosed() ? ' · closes ' . $view->setBrief->course->formatMoment($view->dates->closesAt)
        : '' }}</p>
    <h1>{{ $view->brief->words->title }}</h1>
    @if ($view->correction())
        <p class="word">{{ $view->correction() }}</p>
    @endif
    @if ($view->attempts->isNotEmpty())
        <section class="sheet" aria-labelledby="own">
            <h2 id="own">Your attempts</h2>
            @foreach ($view->attempts as $attempt)
                <div class="attempt-row">
                    @if ($attempt->shownFrame())
                        <img class="attempt-frame" src="{{ route('frames.small', $attempt->shownFrame()) }}" alt=""
                            loading="lazy">
                    @endif
                    <b>Attempt {{ $attempt->number }}</b> <span
                        class="state state-{{ $attempt->state->value }}">{{ $attempt->state->label() }}</span>
                    <span class="fine">{{ $attempt->describeFrames() }}{{ $view->dates->isLate($attempt->handed_in_at)
                        ? ', handed in late' : '' }}</span>
                    @if ($attempt->state === AttemptState::Returned)
                        <a class="button" href="{{ route('attempts.return', $attempt) }}">Read the return</a>
                    @elseif ($view->brief->most() > 1 || $attempt->frames->isEmpty())
                        <a class="button"
                            href="{{ route('attempts.show', $attempt) }}">{{ $attempt->state === AttemptState::Draft
                            ? 'Go on' : 'Look at it' }}</a>
                    @else
                        <a class="button"
                            href="{{ route('frames.edit', $attempt->frames->first()) }}">{{ $attempt->state ===
                            AttemptState::Draft ? 'Go on' : 'Look at it' }}</a>
                    @endif
                </div>
            @endforeach
        </section>
    @endif
    @if ($view->phone)
        <p class="word"><b>{{ $view->phone->works ? 'With your phone.' : 'A phone cannot do this one as asked.' }}</b>
            <x-words :of="$view->phone->words" /></p>
    @endif
    <article class="sheet"><x-brief :brief="$view->brief" :course="$view->setBrief->course"
            :phone="$view->phone" /></article>
    <section class="sheet" aria-labelledby="begin">
        <h2 id="begin">{{ $view->attempts->isEmpty() ? 'Begin' : 'Go on' }}</h2>
        @if ($view->lessons())
            <p>Before you begin:
                @foreach ($view->lessons() as $lesson)
                    <a href="{{ route('lessons.show', $lesson->id) }}">{{ $lesson->title }}</a>{{ $loop->last ? ''
                        : ',' }}
                @endforeach
            </p>
        @endif
        <p class="button-row">
            <a class="button" href="{{ route('plans.edit', $view->setBrief) }}">{{ $view->plan->exists ? 'Your plan'
                : 'Plan it' }}{{ $view->plan->chosen ? ': ' . $view->plan->chosen->exposure->settings : '' }}</a>
            @if ($view->brief->scene)
                <a class="button" href="{{ route('practice.show', $view->brief->scene) }}">Try it on the practice
                    camera</a>
            @endif
        </p>
        @if ($view->isForFilm())
            <p class="fine"><a href="{{ route('film') }}">Your rolls of film</a>: a log to write down every frame in,
                on the phone or on paper.</p>
        @endif
        @if ($view->isForADay())
            <p class="fine"><a href="{{ route('days.show', $view->setBrief) }}">{{ $view->day ? 'Your day’s sheet'
                : 'A sheet for the whole day' }}</a>: what to look at first, shots in their order, to tick on the
                way.</p>
        @endif
        @if ($view->closed)
            <p class="word">{{ $view->closed }}</p>
        @elseif ($view->mayHandIn())
            @if ($view->dates->isOverdue())
                <p class="word">The date is over. What you hand in now is taken, and marked as late.</p>
            @endif
            @if ($view->attempts->isEmpty())
                <p class="fine">{{ $view->brief->most() > 1 ? 'The brief wants ' . $view->brief->frames->least
                    . ' frames; send them all at once, or one after another.'
                    : 'Choose the one picture that you would show.' }}</p>
            @endif
            @foreach ($view->brief->rows() ?: [null] as $row)
                <x-upload :setBrief="$view->setBrief" :row="$row?->id" :many="$view->brief->most() > 1"
                    :label="$view->uploadLabel($row)" />
            @endforeach
        @elseif ($view->last())
            <p class="fine">Attempt {{ $view->last()->number }} is {{ $view->last()->state->label() }}. When it has
                come back you can hand in the next one.</p>
        @endif
    </section>
</x-layout>
