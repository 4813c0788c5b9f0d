@props(['view', 'marked' => true, 'overlays' => null, 'notes' => []])
@php($frame = $view->frame)
<div class="zoomable" data-zoom data-whole="{{ route('frames.whole', $frame) }}">
    <div class="surround">
        <div class="picture" style="--aspect: {{ ($frame->width ?? 3) / max(1, $frame->height ?? 2) }}">
            <img src="{{ route('frames.picture', $frame) }}" width="{{ $frame->width }}" height="{{ $frame->height }}"
                alt="{{ $view->alt() }}">
            @if ($overlays)
                <x-overlays :overlays="$overlays" :id="'over-' . $frame->id" />
            @endif
            @foreach ($notes as $note)
                @if ($note->region)
                    <div class="place-mark place-{{ $note->kind->value }}"
                        style="left: {{ 100 * $note->region['x'] }}%; top: {{ 100 * $note->region['y'] }}%; width: {{ 100 * $note->region['width'] }}%; height: {{ 100 * $note->region['height'] }}%">
                        <span>{{ $note->kind->label() }}</span></div>
                @endif
            @endforeach
            @if ($marked && $frame->subject)
                <div class="subject-mark"
                    style="left: {{ $frame->subject['x'] * 100 }}%; top: {{ $frame->subject['y'] * 100 }}%; width: {{ $frame->subject['width'] * 100 }}%; height: {{ $frame->subject['height'] * 100 }}%">
                    <span>subject</span></div>
            @endif
        </div>
    </div>
    <div class="zoom" role="group" aria-label="How close the picture is seen; arrow keys move it"><button
            type="button" data-closer>Closer</button><button type="button" data-farther disabled>Farther</button>
    </div>
</div>
