@use(TruePupil\Core\Exposure\Stops)
<p><b>{{ $spot->placement->signed() }}</b> from mid-grey, zone {{ $spot->zone }}, at {{ round($x) }} % across and
    {{ round($y) }} % down. For mid-grey it wants {{ $spot->changeFor(Stops::none())->signed() }}, for +1⅓
    {{ $spot->changeFor(Stops::of(4 / 3))->signed() }}, for −2 {{ $spot->changeFor(Stops::of(-2))->signed() }}.</p>
<p class="fine">Compensation with which each pattern would have put it on mid-grey: @foreach ($spot->compensations as $pattern => $stops)
        {{ ['scene' => 'whole scene', 'centre' => 'centre-weighted', 'spot' => 'spot here', 'highlight' => 'highlights'][$pattern] }}
        {{ Stops::of($stops)->signed() }}@if (!$loop->last)
            ,
        @endif
    @endforeach.</p>
