@use(App\Models\AttemptState)
@use(App\Models\FrameState)
@php($attempt = $frame->attempt)
@php($brief = $attempt->setBrief->content())
<x-layout :title="'Attempt '.$attempt->number" :course="$attempt->setBrief->course" wide>
    <p class="eyebrow"><a href="{{ route('set-briefs.show', $attempt->setBrief) }}">{{ $brief->title }}</a> · attempt {{ $attempt->number }}</p>
    <h1>{{ $attempt->state === AttemptState::Draft ? 'Prepare your frame' : 'Your frame' }} <span class="state state-{{ $attempt->state->value }}">{{ $attempt->state->label() }}</span></h1>
    @include('frames.progress')
</x-layout>
