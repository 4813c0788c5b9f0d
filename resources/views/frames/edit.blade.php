@use(App\Models\AttemptState)
@use(App\Models\FrameState)
@php($attempt = $frame->attempt)
@php($brief = $attempt->setBrief->content())
<x-layout :title="'Attempt ' . $attempt->number" :course="$attempt->setBrief->course" wide>
    <p class="eyebrow"><a href="{{ route('set-briefs.show', $attempt->setBrief) }}">{{ $brief->title }}</a> · attempt
        {{ $attempt->number }}</p>
    <h1>{{ $attempt->state === AttemptState::Draft ? 'Prepare your frame' : 'Your frame' }} <span
            class="state state-{{ $attempt->state->value }}">{{ $attempt->state->label() }}</span></h1>
    @php($siblings = $brief->most() > 1 ? $attempt->frames : collect())
    @if ($siblings->isNotEmpty())
        @php($at = $siblings->search(fn($other) => $other->is($frame)))
        <nav class="siblings" aria-label="Frames of this attempt">
            <a href="{{ route('attempts.show', $attempt) }}">All {{ $siblings->count() }} frames</a>
            @if ($at > 0)
                <a href="{{ route('frames.edit', $siblings[$at - 1]) }}">the one before</a>
            @endif
            @if ($at < $siblings->count() - 1)
                <a href="{{ route('frames.edit', $siblings[$at + 1]) }}">the next one</a>
            @endif
            <span class="fine">frame {{ $at + 1 }} of {{ $siblings->count() }}@if (count($brief->rows()) > 1)
                    , {{ lcfirst($brief->row($frame->row)->label) }}
                @endif
            </span>
        </nav>
    @endif
    @include('frames.progress')
</x-layout>
