{{-- Which of several its student chose, and why. --}}
@props(['attempt'])
@if ($attempt->favourite_frame_id && ($best = $attempt->frames->firstWhere('id', $attempt->favourite_frame_id)))
    <section class="sheet best-chosen">
        <img src="{{ route('frames.small', $best) }}" alt="" loading="lazy">
        <div>
            <p><b>Chosen as the best: {{ $best->original_name }}</b></p>
            @if ($attempt->favourite_reason)
                <p>{{ $attempt->favourite_reason }}</p>
            @endif
            @if ($attempt->would_hang !== null)
                <p class="fine">{{ $attempt->would_hang ? 'Would hang it on a wall.' : 'Would not hang it on a wall.' }}
                </p>
            @endif
        </div>
    </section>
@endif
