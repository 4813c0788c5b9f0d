@use(App\Models\AttemptStep)
@if (!$teaches && $attempt->allows(AttemptStep::Critique))
    <form method="post" action="{{ route('notes.give', $attempt) }}" class="sheet" data-once>@csrf
        <p>Your notes are your own until you give them; the instructor then reads them, and you read the
            others'.</p><button class="primary">Give my notes</button>
    </form>
@endif
@if ($decides)
    <form method="post" action="{{ route('desk.publish', $attempt) }}" class="sheet publish" id="publish"
        hx-put="{{ route('desk.update', $attempt) }}" hx-trigger="input delay:800ms, change" hx-target="#kept"
        hx-swap="innerHTML">
        @csrf
        @foreach ($frames as $view)
            @include('desk.suggestions', ['view' => $view])
        @endforeach
        <input type="hidden" name="page" value="{{ $page }}">
        <input type="hidden" name="revision" value="{{ $attempt->summary_revision }}" id="summary-revision">
        <div>
            <div id="both-texts"></div>
            @if (old('summary') !== null && old('summary') !== $attempt->summary)
                <div class="word">
                    <p>Another text stands here now; yours is in the field. Saving yours puts it in its place.</p>
                    <blockquote>{{ $attempt->summary }}</blockquote>
                </div>
            @endif
            <label for="summary">Your message to {{ $attempt->user->name }}</label>
            <textarea id="summary" name="summary" rows="4" maxlength="5000"
                autocomplete="off"
                data-draft="summary-{{ $attempt->id }}">{{ old('summary', $attempt->summary) }}</textarea>
            @if ($versions->isNotEmpty())
                @include('desk.versions')
            @endif
            @if ($stillWriting)
                <p class="word">{{ implode(', ', $stillWriting) }}
                    {{ count($stillWriting) === 1 ? 'has' : 'have' }} written notes here and not given them
                    yet. Once this is published they can no longer be given.</p>
            @endif
            <p class="publish-row"><span id="kept" class="fine" aria-live="polite"></span></p>
        </div>
    </form>
    @if ($attempt->setBrief->course->marking->parts())
        @include('desk.mark', ['marking' => $attempt->setBrief->course->marking])
    @endif
@elseif ($attempt->state->allows(AttemptStep::ReadReturn))
    <div class="word word-done">
        <p>Published{{ $attempt->publishedBy ? ' by ' . $attempt->publishedBy->name : '' }}
            {{ $attempt->setBrief->course->formatMoment($attempt->returned_at) }}{{ $attempt->corrected_at
            ? ', corrected ' . $attempt->setBrief->course->formatMoment($attempt->corrected_at) : '' }}. <a
                href="{{ route('attempts.return', $attempt) }}">Read it as the student does</a>.</p>
        @if ($teaches)
            <form method="post" action="{{ route('desk.correct', $attempt) }}" data-once>@csrf<button>Correct
                    it</button></form>
            @if ($versions->isNotEmpty())
                @include('desk.versions')
            @endif
        @endif
    </div>
@endif
