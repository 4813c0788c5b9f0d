@use(App\Models\MarkingKind)
{{-- The teacher's own mark, in the way of the course; it goes out with the return. --}}
<form method="post" action="{{ route('attempts.mark', $attempt) }}" class="sheet mark-form"
    hx-put="{{ route('attempts.mark', $attempt) }}" hx-trigger="change" hx-target="#mark-kept" hx-swap="innerHTML">
    @csrf @method('put')
    <h2>Your mark</h2>
    @foreach ($marking->parts() as $index => $part)
        @if ($marking->kind === MarkingKind::Pass)
            @foreach (['' => 'no mark', 1 => 'pass', 0 => 'not yet'] as $value => $label)
                <label><input type="radio" name="mark[0]" value="{{ $value }}" @checked(($attempt->mark[0] ?? '')
                    === $value)> {{ $label }}</label>
            @endforeach
        @else
            <label>{{ $part }} <input type="number" name="mark[{{ $index }}]" min="0" max="{{ $marking->most }}"
                    step="1" value="{{ $attempt->mark[$index] ?? '' }}"> <span class="fine">of
                    {{ $marking->most }}</span></label>
        @endif
    @endforeach
    <p class="fine"><span id="mark-kept" aria-live="polite">{{ $marking->words($attempt->mark) }}</span></p>
    <noscript><button>Save</button></noscript>
</form>
