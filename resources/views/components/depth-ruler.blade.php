@props(['ruler'])
<figure class="depth-ruler">
    <figcaption><b>Depth ruler</b> <span class="fine">distance from the camera</span></figcaption>
    <svg viewBox="0 0 640 92" role="img" aria-label="{{ $ruler->summary() }}">
        <path class="ruler-camera" d="M6,38h8l3,-5h9l3,5h5v18h-28z" />
        <circle class="ruler-lens" cx="21" cy="47" r="5.5" />
        @if ($wanted = $ruler->wanted())
            <path class="ruler-wanted"
                d="M{{ $wanted['x'] }},30v-9h{{ $wanted['width'] }}{{ $wanted['open'] ? '' : 'v9' }}" />
            <text class="ruler-note where-wide" y="15"
                x="{{ min(560, max(84, $wanted['x'] + $wanted['width'] / 2)) }}">wanted sharp</text>
        @endif
        <rect class="ruler-sharp" x="{{ $ruler->sharp()['x'] }}" y="36" width="{{ $ruler->sharp()['width'] }}"
            height="16" />
        @if ($ruler->sharp()['open'])
            <path class="ruler-open" d="M600,36 l14,8 l-14,8" />
        @endif
        <line class="ruler-axis" x1="40" x2="600" y1="60" y2="60" />
        @foreach ($ruler->ticks() as $tick)
            <line class="ruler-axis" x1="{{ $tick['x'] }}" x2="{{ $tick['x'] }}" y1="57" y2="63" />
            <text x="{{ $tick['x'] }}" y="75">{{ $tick['label'] }}</text>
        @endforeach
        <line class="ruler-hyperfocal" x1="{{ $ruler->hyperfocalX() }}" x2="{{ $ruler->hyperfocalX() }}"
            y1="28" y2="66" />
        <text class="ruler-note where-wide" x="{{ min(580, max(70, $ruler->hyperfocalX())) }}" y="89">hyperfocal</text>
        <path class="ruler-focus" d="M{{ $ruler->focusX() }},31 v28 m-5,-28 h10" />
    </svg>
    <p class="fine in-words">{{ $ruler->summary() }}</p>
    <details>
        <summary>Distances as a table</summary>
        <table class="ledger-table">
            <tbody>
                @foreach ($ruler->table() as [$what, $distance])
                    <tr>
                        <th scope="row">{{ $what }}</th>
                        <td>{{ $distance }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </details>
</figure>
