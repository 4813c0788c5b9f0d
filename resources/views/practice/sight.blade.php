<div class="surround finder-frame">
    <div class="picture" style="--aspect: 1.5">
        <img src="{{ $view->shownPicture() }}" width="{{ $view::OVER[0] }}" height="{{ $view::OVER[1] }}"
            alt="{{ $view->magnified ? 'Magnified at the focus point: ' : '' }}{{ $view->summary() }}" data-sight
            data-magnified="{{ $view->magnified ? $view::MAGNIFIES : 1 }}"
            data-x="{{ round($view->point()['x'], 4) }}" data-y="{{ round($view->point()['y'], 4) }}"
            data-mover="{{ json_encode($view->moverBox()) }}"
            data-focused="{{ round($view->reading->rendering->optics->focused, 3) }}"
            data-ev="{{ round($view->reading->meteredEv100, 6) }}">
        <canvas class="overlay edges" width="480" height="320" data-edges aria-hidden="true" hidden></canvas>
        @unless ($view->magnified)
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
        <span @class(['focus-point', 'focus-point-tracks' => $view->isTracking()]) data-point
            aria-hidden="true"></span>
        @endunless
    </div>
</div>
<div class="readings" tabindex="0" role="group" aria-label="What is set"
    data-values="{{ json_encode($view->shown()) }}">
    @foreach ($view->values() as $value)
        <span @class(['reading', 'reading-blinks' => $value['blinks'], 'reading-camera' => !$value['isYours']])
            title="{{ $value['label'] }}, {{ $value['by'] }}"><b>{{ $value['text'] }}</b> <span
                class="visually-hidden">{{ $value['label'] }}, {{ $value['by'] }}</span></span>
    @endforeach
    <span class="reading">focus {{ $view->focusText() }}</span>
    @if ($view->moverText())
        <span class="reading">{{ $view->moverText() }}</span>
    @endif
    <span class="reading"><svg class="level" viewBox="-24 -8 48 16" aria-hidden="true">
            <path class="level-frame" d="M-24,0 h8 M16,0 h8" />
            <path class="level-line" d="M-14,0 H14" transform="rotate({{ $view->lean() }})" />
        </svg> {{ $view->levelText() }}</span>
    <span class="reading">{{ $view->whiteBalanceText() }}</span>
    @if ($view->isOptical)
        <span class="reading">optical: exposure is seen after the press</span>
    @endif
</div>
<div class="meter-row">
    <x-meter :view="$view" />
</div>
@if ($view->warnings())
    <ul class="finder-limits">
        @foreach ($view->warnings() as $warning)
            <li>{{ $warning }}</li>
        @endforeach
    </ul>
@endif
