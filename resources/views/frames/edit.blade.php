@use(App\Models\AttemptState)
@use(App\Models\FrameState)
<x-layout :title="'Attempt ' . $frame->attempt->number" :course="$frame->attempt->setBrief->course" wide keeps>
    <p class="eyebrow"><a
        href="{{ route('set-briefs.show', $frame->attempt->setBrief) }}">{{ $view->brief()->words->title }}</a> ·
        attempt
        {{ $frame->attempt->number }}</p>
    <h1>{{ $frame->attempt->state === AttemptState::Draft ? 'Prepare your frame' : 'Your frame' }} <span
            class="state state-{{ $frame->attempt->state->value }}">{{ $frame->attempt->state->label() }}</span></h1>
    @if ($view->siblings()->isNotEmpty())
        <nav class="siblings" aria-label="Frames of this attempt">
            <a href="{{ route('attempts.show', $frame->attempt) }}">All {{ $view->siblings()->count() }} frames</a>
            @if ($view->position() > 0)
                <a href="{{ route('frames.edit', $view->siblings()[$view->position() - 1]) }}">the one before</a>
            @endif
            @if ($view->position() < $view->siblings()->count() - 1)
                <a href="{{ route('frames.edit', $view->siblings()[$view->position() + 1]) }}">the next one</a>
            @endif
            <span class="fine">frame {{ $view->position() + 1 }} of
                {{ $view->siblings()->count() }}{{ count($view->brief()->rows()) > 1 ? ', '
                . lcfirst($view->brief()->row($frame->row)->label) : '' }}
            </span>
        </nav>
    @endif
    @include('frames.progress')
</x-layout>
