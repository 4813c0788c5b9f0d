<div class="surround finder-frame">
    <div class="picture" style="--aspect: 1.5">
        <img src="{{ $view->picture->dataUri() }}" width="{{ $view::OVER[0] }}" height="{{ $view::OVER[1] }}"
            alt="{{ $view->summary() }}" data-sight
            data-focused="{{ round($view->reading->rendering->optics->focused, 3) }}"
            data-ev="{{ round($view->reading->meteredEv100, 6) }}">
        <svg class="overlay" viewBox="0 0 {{ $view::OVER[0] }} {{ $view::OVER[1] }}" preserveAspectRatio="none"
            aria-hidden="true" data-ends hidden>
            <defs>
                <pattern id="finder-lost" width="14" height="18" patternUnits="userSpaceOnUse">
                    <path class="lost-stroke" d="M12,-2 L2,20 M26,-2 L16,20 M-2,-2 L-12,20" />
                </pattern>
                <pattern id="finder-blocked" width="14" height="14" patternUnits="userSpaceOnUse">
                    <circle class="blocked-dot" cx="4" cy="4" r="2.6" />
                    <circle class="blocked-dot" cx="11" cy="11" r="2.6" />
                </pattern>
            </defs>
            <path d="{{ $view->ends()['lost'] }}" fill="url(#finder-lost)" />
            <path d="{{ $view->ends()['blocked'] }}" fill="url(#finder-blocked)" />
        </svg>
        <span class="focus-point" data-point aria-hidden="true"></span>
    </div>
</div>
<div class="readings">
    @foreach ($view->values() as $value)
        <div @class(['reading', 'reading-blinks' => $value['blinks']])><span class="fine">{{ $value['label'] }},
            {{ $value['by'] }}</span>
            <b>{{ $value['text'] }}</b>
            @if ($value['blinks'])
                <span class="fine">{{ $value['blinks'] }}</span>
            @endif
        </div>
    @endforeach
    <div class="reading"><span class="fine">Focus</span> <b>{{ $view->focusText() }}</b></div>
    <div class="reading"><span class="fine">White balance</span> <b>{{ $view->whiteBalanceText() }}</b></div>
</div>
<div class="meter-row">
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
    @if ($pupil = $view->pupil())
        <x-pupil :pupil="$pupil" small />
    @endif
</div>
@if ($view->limits())
    <ul class="finder-limits">
        @foreach ($view->limits() as $limit)
            <li>{{ $limit }}</li>
        @endforeach
    </ul>
@endif
<x-tone-strip :tones="$view->tones()" id="finder-tones" />
<x-depth-ruler :ruler="$view->depth()" />
<details class="patterns" hx-get="{{ route('practice.patterns', $view->reading->rendering->scene->id) }}"
    hx-include="#finder" hx-trigger="toggle once" hx-target="find div" hx-swap="innerHTML" hx-sync="this:replace">
    <summary>What each pattern would say of these settings</summary>
    <div></div>
</details>
