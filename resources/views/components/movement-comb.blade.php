@props(['comb'])
<figure class="movement-comb">
    <figcaption><b>Movement comb</b> <span class="fine">blur of the subject at each exposure time, in circles of
            confusion</span></figcaption>
    <svg viewBox="0 0 640 150" role="img" aria-label="{{ $comb->summary() }}">
        @if ($band = $comb->band())
            <rect class="comb-band" x="{{ $band['x'] }}" y="{{ $comb->top() }}" width="{{ $band['width'] }}"
                height="{{ $comb->base() - $comb->top() }}" />
        @endif
        @foreach ($comb->lines() as $line)
            <line class="comb-line" x1="70" x2="626" y1="{{ $line['y'] }}" y2="{{ $line['y'] }}" />
            <text class="comb-line-label where-wide" x="64" y="{{ $line['y'] + 3.5 }}">{{ $line['label'] }}</text>
        @endforeach
        @foreach ($comb->teeth() as $tooth)
            <line @class(['comb-tooth', 'comb-tooth-blurred' => !$tooth['isSharp']]) x1="{{ $tooth['x'] }}"
                x2="{{ $tooth['x'] }}"
                y1="{{ $comb->base() }}" y2="{{ $tooth['y'] }}" />
            @if ($tooth['label'])
                <text @class(['where-wide' => $loop->index % 4 !== 0]) x="{{ $tooth['x'] }}"
                    y="{{ $comb->base() + 14 }}">{{ $tooth['label'] }}</text>
            @endif
        @endforeach
        <line class="comb-spine" x1="70" x2="626" y1="{{ $comb->base() }}" y2="{{ $comb->base() }}" />
        @if ($used = $comb->used())
            <path class="comb-used" d="M{{ $used['x'] }},{{ $comb->base() + 18 }} l-6,11 h12 z" /><text
                class="comb-used-label where-wide" x="{{ min(600, max(90, $used['x'])) }}" y="{{ $comb->base() + 32 }}"
                dx="28">{{ $used['label'] }}</text>
        @endif
    </svg>
    <p class="fine in-words">{{ $comb->summary() }}</p>
    <details>
        <summary>Blur as a table</summary>
        <table class="ledger-table">
            <thead>
                <tr>
                    <th scope="col">Exposure time</th>
                    <th scope="col">Blur on the sensor</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($comb->table() as [$time, $blur])
                    <tr>
                        <th scope="row">{{ $time }}</th>
                        <td>{{ $blur }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </details>
</figure>
