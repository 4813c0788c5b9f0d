<div class="playback-picture">
    <div class="picture" style="--aspect: 1.5">
        <img src="{{ route('roll.picture', $frame) }}" alt="The frame that was just taken: {{ $frame->exposure() }}">
        @if ($overlays)
            <x-overlays :overlays="$overlays" id="playback-over" />
        @endif
    </div>
</div>
<div class="playback-words">
    <p><b>{{ $frame->exposure() }}</b>{{ $frame->ledger()
        ? ' · meter ' . $frame->ledger()->balance->signed() : '' }}</p>
    <x-tone-strip :tones="$tones" id="playback-tones" />
    <p class="button-row"><button type="button" data-keep>Keep it</button>
        <button type="button" data-delete
            hx-delete="{{ route('roll.destroy', $frame) }}" hx-target="#roll" hx-swap="innerHTML">Delete it</button></p>
</div>
