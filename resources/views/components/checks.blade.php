@props(['checks'])
<ol class="checks">
    @foreach (\App\View\Presenters\CheckRow::all($checks) as $check)
        <li class="check check-{{ $check->verdict->value }}">
            <span class="verdict">{{ $check->verdict->label() }}</span>
            <div>
                <strong>{{ $check->sentence }}</strong>
                @if ($check->missing)
                    <p class="fine">Needs {{ $check->missing }}.</p>
                @else
                    <p class="fine">{{ ucfirst($check->measure) }}: <b>{{ $check->value }}</b>{{ $check->margin }}.
                        {{ $check->reason }}</p>
                @endif
            </div>
        </li>
    @endforeach
</ol>
