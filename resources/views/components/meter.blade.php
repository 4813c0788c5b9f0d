@props(['view'])
<figure class="meter">
    <svg viewBox="0 0 640 54" role="img" aria-label="{{ $view->meterText() }}">
        @for ($third = -9; $third <= 9; $third++)
            <line class="meter-tick" x1="{{ $view->x($third / 3) }}" x2="{{ $view->x($third / 3) }}"
                y1="{{ $third % 3 === 0 ? 18 : 24 }}" y2="32" />
            @if ($third % 3 === 0)
                <text x="{{ $view->x($third / 3) }}"
                    y="48">{{ $third === 0 ? '0' : ($third > 0 ? '+' : '−') . abs($third / 3) }}</text>
            @endif
        @endfor
        <line class="meter-tick" x1="40" x2="600" y1="32" y2="32" />
        @if (($mark = $view->meterX()) !== null)
            <path class="meter-mark" d="M{{ $mark }},16 l-8,-12 h16 z" />
        @endif
    </svg>
    <figcaption class="fine">{{ $view->meterText() }} Metered light: {{ $view->lightText() }}.</figcaption>
</figure>
