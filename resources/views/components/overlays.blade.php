@props(['overlays', 'id'])
<svg class="overlay" viewBox="0 0 {{ $overlays::WIDTH }} {{ $overlays->height() }}" preserveAspectRatio="none"
    aria-hidden="true">
    <defs>
        <pattern id="{{ $id }}-lost" width="14" height="18" patternUnits="userSpaceOnUse">
            <path class="lost-stroke" d="M12,-2 L2,20 M26,-2 L16,20 M-2,-2 L-12,20" />
        </pattern>
        <pattern id="{{ $id }}-blocked" width="14" height="14" patternUnits="userSpaceOnUse">
            <circle class="blocked-dot" cx="4" cy="4" r="2.6" />
            <circle class="blocked-dot" cx="11" cy="11" r="2.6" />
        </pattern>
    </defs>
    <g data-view="ends" hidden><path d="{{ $overlays->ends()['lost'] }}" fill="url(#{{ $id }}-lost)" />
        <path d="{{ $overlays->ends()['blocked'] }}" fill="url(#{{ $id }}-blocked)" />
    </g>
    <g data-view="sharpness" hidden>
        @foreach ($overlays->sharpness() as $block)
            <rect class="sharp-block" x="{{ $block['x'] }}" y="{{ $block['y'] }}" width="{{ $block['width'] }}"
                height="{{ $block['height'] }}" fill-opacity="{{ round(0.75 * $block['strength'], 2) }}" />
        @endforeach
        @if ($place = $overlays->sharpest())
            <path class="over-mark"
                d="M{{ $place['x'] - 26 }},{{ $place['y'] }}h52M{{ $place['x'] }},{{ $place['y'] - 26 }}v52" />
        @endif
    </g>
    <g data-view="attention" hidden>
        @foreach ($overlays->attention() as $ring)
            <circle class="over-mark" cx="{{ $ring['x'] }}" cy="{{ $ring['y'] }}" r="{{ $ring['radius'] }}" />
            <text class="over-text" x="{{ $ring['x'] }}" y="{{ $ring['y'] + 9 }}">{{ $ring['number'] }}</text>
        @endforeach
        @if ($place = $overlays->balance())
            <path class="over-mark" d="M{{ $place['x'] - 20 }},{{ $place['y'] - 20 }}l40,40m0,-40l-40,40" />
        @endif
    </g>
    <g data-view="edges" hidden>
        @foreach ($overlays->edges() as $strip)
            <rect class="edge-strip" x="{{ $strip['x'] }}" y="{{ $strip['y'] }}" width="{{ $strip['width'] }}"
                height="{{ $strip['height'] }}" />
        @endforeach
    </g>
    <g data-view="ideas" hidden><path class="over-line" d="{{ $overlays->ideas()['thirds'] }}" />
        <path class="over-line over-dashed" d="{{ $overlays->ideas()['golden'] }}" />
        <path class="over-line over-dotted" d="{{ $overlays->ideas()['diagonals'] }}{{ $overlays->ideas()['centre'] }}"
            />
    </g>
    <g data-view="lines" hidden>
        @foreach ($overlays->lines() as $line)
            <line class="over-line" x1="{{ $line['x1'] }}" y1="{{ $line['y1'] }}" x2="{{ $line['x2'] }}"
                y2="{{ $line['y2'] }}" />
        @endforeach
        @foreach ($overlays->leads() as $line)
            <line class="over-mark over-lead" x1="{{ $line['x1'] }}" y1="{{ $line['y1'] }}"
                x2="{{ $line['x2'] }}" y2="{{ $line['y2'] }}" />
        @endforeach
    </g>
    <g data-view="marks" hidden>
        @foreach ($overlays->marks() as $mark)
            <path class="over-line @if (in_array($mark['kind'], ['distraction', 'area'])) over-dashed @endif"
                d="{{ $mark['path'] }}" />
            <text class="over-text over-name" x="{{ max(8, min(900, $mark['x'] + 8)) }}"
                y="{{ max(24, $mark['y'] - 8) }}">{{ $mark['label'] }}</text>
        @endforeach
    </g>
</svg>
