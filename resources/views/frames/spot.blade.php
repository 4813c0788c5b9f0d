@use(TruePupil\Core\Exposure\Stops)
<p><b>{{ $spot->placement->signed() }}</b> from mid-grey, zone {{ $spot->zone }}, at {{ round($x) }} % across and
    {{ round($y) }} % down. For mid-grey it wants {{ $spot->changeFor(Stops::none())->signed() }}, for +1⅓
    {{ $spot->changeFor(Stops::of(4 / 3))->signed() }}, for −2 {{ $spot->changeFor(Stops::of(-2))->signed() }}.</p>
@if ($between)
    <p>{{ $between }}</p>
@endif
<p class="fine">Compensation with which each pattern would have put it on mid-grey:
    {{ \App\View\Presenters\SpotWords::compensations($spot) }}.</p>
