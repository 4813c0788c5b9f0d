@use(App\Models\AttemptState)
<x-layout :title="'Attempt ' . $view->attempt->number" :course="$view->attempt->setBrief->course" wide keeps>
    <p class="eyebrow"><a
        href="{{ route('set-briefs.show', $view->attempt->setBrief) }}">{{ $view->brief->words->title }}</a>
        ·
        attempt {{ $view->attempt->number }}</p>
    <h1>{{ $view->attempt->state === AttemptState::Draft ? 'Prepare your frames' : 'Your frames' }} <span
            class="state state-{{ $view->attempt->state->value }}">{{ $view->attempt->state->label() }}</span></h1>
    @include('attempts.frames')
</x-layout>
