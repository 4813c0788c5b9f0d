@props(['map', 'id' => 'map'])
<figure class="exposure-map" data-map="{{ json_encode($map->cells()) }}">
    <figcaption><b>Exposure map</b> <span class="fine">{{ $map->title() }}</span></figcaption>
    <svg viewBox="0 0 {{ $map->width() }} {{ $map->height() }}" role="application" tabindex="0"
        aria-label="{{ $map->summary() }} Arrow keys go from cell to cell." preserveAspectRatio="xMidYMid meet">
        <defs>
            <pattern id="{{ $id }}-aperture" width="5" height="8" patternUnits="userSpaceOnUse">
                <path d="M1.5,0V8" />
            </pattern>
            <pattern id="{{ $id }}-time" width="8" height="5" patternUnits="userSpaceOnUse">
                <path d="M0,1.5H8" />
            </pattern>
            <pattern id="{{ $id }}-iso" width="6" height="6" patternUnits="userSpaceOnUse">
                <path d="M-1,1L1,-1M0,6L6,0M5,7L7,5" />
            </pattern>
            <pattern id="{{ $id }}-cost" width="7" height="7" patternUnits="userSpaceOnUse">
                <circle cx="2" cy="2" r=".9" />
            </pattern>
        </defs>
        <rect class="map-plot" x="{{ $map->plot()['x'] }}" y="{{ $map->plot()['y'] }}"
            width="{{ $map->plot()['width'] }}"
            height="{{ $map->plot()['height'] }}" />
        @foreach ($map->zones() as $zone)
            <path class="map-zone map-zone-{{ $zone['hatch'] }}" d="{{ $zone['path'] }}"
                @if ($zone['hatch'] !== 'outside') style="fill: url(#{{ $id }}-{{ $zone['hatch'] }})" @endif />
        @endforeach
        @if ($flash = $map->flash())
            <g class="map-flash">
                <rect x="{{ $map->plot()['x'] }}" y="{{ $flash['y'] }}" width="{{ $map->plot()['width'] }}"
                    height="{{ $flash['height'] }}" />
                <path d="M{{ $flash['x'] }},{{ $flash['y'] }}h5v{{ $flash['height'] }}h-5" />
                <text transform="translate({{ $flash['x'] + 15 }} {{ $flash['y'] + $flash['height'] / 2 }}) rotate(-90)"
                    >{{ $flash['label'] }}</text>
            </g>
        @endif
        @foreach ($map->isoLines() as $line)
            <line class="map-iso" x1="{{ $line['x1'] }}" y1="{{ $line['y1'] }}" x2="{{ $line['x2'] }}"
                y2="{{ $line['y2'] }}" />
            <text class="map-iso-label" x="{{ $line['labelX'] }}"
                y="{{ $line['labelY'] }}">{{ $line['label'] }}</text>
        @endforeach
        @foreach ($map->apertureTicks() as $tick)
            <line class="map-tick" x1="{{ $tick['x'] }}" x2="{{ $tick['x'] }}"
                y1="{{ $map->plot()['y'] + $map->plot()['height'] }}"
                    y2="{{ $map->plot()['y'] + $map->plot()['height'] + 5 }}" />
            <text x="{{ $tick['x'] }}"
                y="{{ $map->plot()['y'] + $map->plot()['height'] + 17 }}">{{ $tick['label'] }}</text>
        @endforeach
        @foreach ($map->timeTicks() as $tick)
            <line class="map-tick" x1="{{ $map->plot()['x'] - 5 }}" x2="{{ $map->plot()['x'] }}" y1="{{ $tick['y'] }}"
                y2="{{ $tick['y'] }}" />
            <text class="map-time" x="{{ $map->plot()['x'] - 8 }}"
                y="{{ $tick['y'] + 3.5 }}">{{ $tick['label'] }}</text>
        @endforeach
        <text class="map-axis" x="{{ $map->plot()['x'] + $map->plot()['width'] / 2 }}"
            y="{{ $map->plot()['y'] + $map->plot()['height'] + 33 }}">aperture, smaller to the right</text>
        @foreach ($map->zones() as $zone)
            <text class="map-zone-label" x="{{ $zone['x'] }}" y="{{ $zone['y'] }}"
                style="text-anchor: {{ $zone['anchor'] }}"
                @if ($zone['turn']) transform="rotate({{ $zone['turn'] }} {{ $zone['x'] }} {{ $zone['y'] }})"
                    @endif>{{ $zone['label'] }}</text>
        @endforeach
        @foreach ($map->points() as $point)
            <g class="map-point map-point-{{ $point['what'] }}"
                transform="translate({{ $point['x'] }} {{ $point['y'] }})">
                <title>{{ $point['text'] }}</title>
                @if ($point['what'] === 'frame')
                    <path d="M0,-8 L8,0 L0,8 L-8,0 Z" />
                @elseif ($point['what'] === 'plan')
                <rect x="-6" y="-6" width="12" height="12" />@else
                    <circle r="8.5" /><text y="3.8">{{ $point['label'] }}</text>
                @endif
            </g>
        @endforeach
        <rect class="map-cursor" data-cursor width="0" height="0" x="0" y="0" />
    </svg>
    <p class="map-readout" data-readout aria-live="polite"><span class="fine">◆ this frame · ■ the plan · numbers are
            the suggestions, + is set by hand. Point at a cell, or tab to the map and use the arrow keys: it says why a
            cell is barred.</span></p>
    <details>
        <summary>The map in words</summary>
        <table class="ledger-table">
            <thead>
                <tr>
                    <th scope="col">Zone or point</th>
                    <th scope="col">Why, or where</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($map->table() as [$what, $why])
                    <tr>
                        <th scope="row">{{ $what }}</th>
                        <td>{{ $why }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </details>
</figure>
