@use(App\Models\AttemptState)
@php($attempt = $view->attempt)
<x-layout :title="'Attempt ' . $attempt->number" :course="$attempt->setBrief->course" wide>
    <p class="eyebrow"><a href="{{ route('set-briefs.show', $attempt->setBrief) }}">{{ $view->brief->title }}</a> ·
        attempt {{ $attempt->number }}</p>
    <h1>{{ $attempt->state === AttemptState::Draft ? 'Prepare your frames' : 'Your frames' }} <span
            class="state state-{{ $attempt->state->value }}">{{ $attempt->state->label() }}</span></h1>
    @include('attempts.frames')
</x-layout>
