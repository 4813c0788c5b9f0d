@use(App\Models\Role)
@use(App\Models\AttemptState)
<x-layout :title="$brief->title" :course="$setBrief->course">
    <p class="eyebrow">Brief {{ $brief->number }}@if ($setBrief->due_at) · due {{ $setBrief->course->said($setBrief->due_at) }} @endif</p>
    <h1>{{ $brief->title }}</h1>

    @if ($role === Role::Student)
        @php($last = $attempts->last())
        <section class="sheet" aria-labelledby="own">
            <h2 id="own">Your attempts</h2>
            @forelse ($attempts as $attempt)
                <div class="attempt-row">
                    <b>Attempt {{ $attempt->number }}</b> <span class="state state-{{ $attempt->state->value }}">{{ $attempt->state->label() }}</span>
                    @foreach ($attempt->frames as $frame)<span class="fine">{{ $frame->original_name }}</span>
                        @if ($attempt->state === AttemptState::Returned)<a class="button" href="{{ route('attempts.return', $attempt) }}">Read the return</a>
                        @else<a class="button" href="{{ route('frames.edit', $frame) }}">{{ $attempt->state === AttemptState::Draft ? 'Go on' : 'Look at it' }}</a>@endif
                    @endforeach
                </div>
            @empty
                <p class="fine">None yet. Choose the one picture that you would show.</p>
            @endforelse
            @if ($last === null || in_array($last->state, [AttemptState::Draft, AttemptState::Returned], true))
                <form method="post" action="{{ route('frames.store', $setBrief) }}" enctype="multipart/form-data" class="upload" data-upload>
                    @csrf
                    <label for="picture">{{ $last?->state === AttemptState::Draft && $last->frames->isNotEmpty() ? 'Take another picture instead' : ($last?->state === AttemptState::Returned ? 'Picture for attempt '.($last->number + 1) : 'Your picture') }} <span class="fine">JPEG, HEIC, TIFF, PNG, WebP or camera raw, up to {{ config('pupil.upload.megabytes') }} MB</span></label>
                    <input id="picture" type="file" name="picture" accept="image/*,.heic,.heif,.tif,.tiff,.dng,.raw" required>
                    <button class="primary">Send the picture</button>
                    <div class="upload-progress" hidden><progress max="100" value="0" aria-label="Sending"></progress> <span class="fine" data-said></span></div>
                    <p class="word word-problem" role="alert" hidden data-problem></p>
                </form>
            @else
                <p class="fine">Attempt {{ $last->number }} is {{ $last->state->label() }}. When it has come back you can hand in the next one.</p>
            @endif
        </section>
    @endif
    <article class="sheet"><x-brief :brief="$brief"/></article>
</x-layout>
