{{-- What notes point at, each with its number. --}}
@props(['notes', 'frame'])
<svg class="pointings" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
    @foreach ($notes as $note)
        @foreach ($note->pointing?->strokes(($frame->width ?? 3) / max(1, $frame->height ?? 2)) ?? [] as $stroke)
            @foreach (['pointing-under', 'pointing'] as $class)
                <polyline class="{{ $class }}" points="@foreach ($stroke as [$x, $y]){{ round(100 * $x, 2) }},{{
                    round(100 * $y, 2) }} @endforeach" />
            @endforeach
        @endforeach
    @endforeach
</svg>
@foreach ($notes as $note)
    @if ($note->pointing)
        <b class="pointing-number" style="left: {{ 100 * $note->pointing->foot()[0] }}%; top: {{
            100 * $note->pointing->foot()[1] }}%">{{ $frame->noteNumbers()[$note->id] ?? '' }}</b>
    @endif
@endforeach
