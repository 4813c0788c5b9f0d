@props(['picture'])
<svg class="settings-picture" viewBox="0 0 {{ $picture::WIDTH }} {{ $picture::HEIGHT }}"
    role="img"
    aria-label="{{ $picture->summary() }}">
    @foreach ($picture->apertures() as $tick)
        <line x1="{{ $tick['x'] }}" x2="{{ $tick['x'] }}" y1="16" y2="284" />
        <text x="{{ $tick['x'] }}" y="302">{{ $tick['label'] }}</text>
    @endforeach
    @foreach ($picture->times() as $tick)
        <line x1="64" x2="620" y1="{{ $tick['y'] }}" y2="{{ $tick['y'] }}" />
        <text x="58" y="{{ $tick['y'] + 4 }}" class="time">{{ $tick['label'] }}</text>
    @endforeach
    @foreach ($picture->points() as $point)
        <g>
            <title>{{ $point['count'] }} × {{ $point['label'] }}</title>
            @for ($ring = 1; $ring <= $point['rings']; $ring++)
                <circle class="ring" cx="{{ $point['x'] }}" cy="{{ $point['y'] }}"
                    r="{{ $point['radius'] + 2.4 * $ring }}" />
            @endfor
            <circle cx="{{ $point['x'] }}" cy="{{ $point['y'] }}"
                r="{{ $point['radius'] }}" />
        </g>
    @endforeach
</svg>
<p class="fine">Apertures across, times down. A ring for each stop of ISO above 100; larger where several agree.</p>
