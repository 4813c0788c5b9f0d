@props(['sky', 'other' => null])
<figure class="sky-path">
    <figcaption><b>Sun and moon over the day</b> <span class="fine">hours across, height above the horizon up</span>
    </figcaption>
    <svg viewBox="0 0 {{ $sky::WIDTH }} {{ $sky::HEIGHT }}" role="img"
        aria-label="{{ $sky->summary() }}">
        @foreach ($sky->golden() as $band)
            <rect class="sky-golden" x="{{ $band['x'] }}" y="12" width="{{ $band['width'] }}" height="188">
                <title>{{ $band['label'] }}</title>
            </rect>
        @endforeach
        @foreach ($sky->heights() as $tick)
            <line class="sky-rule" x1="34" x2="630" y1="{{ $tick['y'] }}" y2="{{ $tick['y'] }}" /><text
                x="29" y="{{ $tick['y'] + 4 }}" class="sky-height">{{ $tick['label'] }}</text>
        @endforeach
        <rect class="sky-ground" x="34" width="596" y="{{ $sky->horizon() }}"
            height="{{ 200 - $sky->horizon() }}" />
        <path class="sky-moon" d="{{ $sky->moon() }}" />
        <path class="sky-sun" d="{{ $sky->sun() }}" />
        @foreach ($sky->bearings() as $mark)
            <circle class="sky-mark" cx="{{ $mark['x'] }}" cy="{{ $mark['y'] }}" r="2.5" /><text
                class="sky-bearing" x="{{ $mark['x'] }}" y="{{ $mark['y'] - 7 }}">{{ $mark['label'] }}</text>
        @endforeach
        @foreach ($sky->directions() as $band)
            <rect class="sky-light sky-light-{{ $band['from']->value }}" x="{{ $band['x'] }}" y="201"
                width="{{ $band['width'] }}" height="6">
                <title>{{ $band['from']->label() }}, {{ $band['label'] }}</title>
            </rect>
        @endforeach
        @foreach ($sky->hours() as $tick)
            <text x="{{ $tick['x'] }}" y="216" class="sky-hour">{{ $tick['label'] }}</text>
        @endforeach
        <line class="sky-planned" x1="{{ $sky->planned()['x'] }}" x2="{{ $sky->planned()['x'] }}" y1="12" y2="200" />
        <circle class="sky-planned-sun" cx="{{ $sky->planned()['x'] }}" cy="{{ $sky->planned()['y'] }}" r="6" />
    </svg>
    <p class="fine">Solid line: the sun, with the side it stands on. Dashed line: the moon. Upright: your planned
        hour. Tinted bands: the low light.@if ($sky->directions())
            Under the hours: empty for light from behind the camera, half for side light, full for back light.
        @endif
    </p>
    @if ($other)
        <table class="ledger-table">
            <caption>Two hours of the day</caption>
            <tbody>
                @foreach ($sky->against($other) as [$what, $then, $instead])
                    <tr>
                        <th scope="row">{{ $what }}</th>
                        <td>{{ $then }}</td>
                        <td>{{ $instead }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <table class="ledger-table">
        <caption class="visually-hidden">Sun and moon in words</caption>
        <tbody>
            @foreach ($sky->table() as [$what, $when])
                <tr>
                    <th scope="row">{{ ucfirst($what) }}</th>
                    <td>{{ $when }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</figure>
