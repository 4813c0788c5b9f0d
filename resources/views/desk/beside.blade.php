<x-layout title="Two frames" :course="$course" wide>
    <div class="beside">
        <h1 class="visually-hidden">Two frames beside each other</h1>
        <div class="beside-pictures">
            @foreach (['A' => $view->a, 'B' => $view->b] as $letter => $one)
                <figure>
                    <figcaption><b class="beside-letter">{{ $letter }}</b> <span>@if ($critiques)<a
                                    href="{{ route('desk.show', $one->frame->attempt_id) }}">{{ $view->name($one)
                                    }}</a>@else{{ $view->name($one) }}@endif</span>
                        @if ($critiques && $letter === 'B')
                            <a class="beside-back" href="{{ route('desk.sheet', $one->frame->attempt->set_brief_id)
                                }}">Back to the sheet</a>
                        @endif
                    </figcaption>
                    <x-picture :view="$one" group="beside" />
                </figure>
            @endforeach
        </div>
        <div class="beside-settings">
            <p>@foreach ($view->settings() as [$a, $b, $differs])
                <span @class(['differs' => $differs])>{{ $a }}</span>
            @endforeach</p>
            <p class="fine">{{ $view->moved() ?? 'same settings, or not recorded' }}</p>
            <p>@foreach ($view->settings() as [$a, $b, $differs])
                <span @class(['differs' => $differs])>{{ $b }}</span>
            @endforeach</p>
        </div>
        @if ($view->tones)
            <figure class="twin-tones">
                <svg viewBox="0 0 640 {{ $view->tones->height() }}" role="img"
                    aria-label="{{ $view->tones->summary() }}">
                    @foreach ($view->tones->above->ticks() as $tick)
                        <line @class(['tick', 'tick-middle' => $tick['middle']]) x1="{{ $tick['x'] }}"
                            x2="{{ $tick['x'] }}" y1="14" y2="{{ $view->tones->height() - 14 }}" />
                    @endforeach
                    @foreach ([[$view->tones->above, ''], [$view->tones->below, 'translate(0 '
                        . $view->tones->height() . ') scale(1 -1)']] as [$strip, $turned])
                        <g transform="{{ $turned }}">
                            @if ($wanted = $strip->wanted())
                                <rect class="wanted" x="{{ $wanted['left'] }}"
                                    width="{{ $wanted['right'] - $wanted['left'] }}" y="{{ $strip->top() }}"
                                    height="{{ $strip->base() - $strip->top() }}" />
                            @endif
                            <path class="frame-tones" d="{{ $strip->frameOutline() }}" />
                            @if ($strip->subjectLine())
                                <path class="subject-tones" d="{{ $strip->subjectLine() }}" />
                            @endif
                            @if ($placed = $strip->placed())
                                <path class="placed" d="M{{ $placed['x'] }},{{ $strip->base() - 1 }} l-6,-11 h12 z" />
                            @endif
                        </g>
                    @endforeach
                    <rect class="axis" x="58" y="{{ $view->tones->axis()[0] }}" width="524"
                        height="{{ $view->tones->axis()[1] - $view->tones->axis()[0] }}" />
                    @foreach ($view->tones->above->ticks() as $tick)
                        <text class="tick-label" x="{{ $tick['x'] }}" y="{{ $view->tones->axis()[1] - 6 }}">{{
                            $tick['label'] }}</text>
                    @endforeach
                    <text class="twin-letter" x="20" y="{{ $view->tones->axis()[0] - 40 }}">A</text>
                    <text class="twin-letter" x="20" y="{{ $view->tones->axis()[1] + 56 }}">B</text>
                </svg>
                <figcaption class="fine">Filled: the frame. Line: the subject. The wedge is where the subject lies,
                    dashed where the brief wants it. Lost: A {{ number_format($view->tones->above->lostPct(), 1) }} %, B
                    {{ number_format($view->tones->below->lostPct(), 1) }} %; blocked: A
                    {{ number_format($view->tones->above->blockedPct(), 1) }} %, B
                    {{ number_format($view->tones->below->blockedPct(), 1) }} %.</figcaption>
            </figure>
        @endif
        @if ($differ)
            <ul class="beside-checks">
                @foreach ($differ as $pair)
                    <x-check-pair :pair="$pair" />
                @endforeach
            </ul>
        @endif
        @if ($alike)
            <details>
                <summary>{{ trans_choice('{1} One check came out alike|[2,*] :count checks came out alike',
                    count($alike)) }}</summary>
                <ul class="beside-checks">
                    @foreach ($alike as $pair)
                        <x-check-pair :pair="$pair" />
                    @endforeach
                </ul>
            </details>
        @endif
        @if ($view->canLieOver())
            <details class="sheet">
                <summary>Lay one over the other</summary>
                <x-wipe :before="route('frames.picture', $view->a->frame)"
                    :after="route('frames.picture', $view->b->frame)" beforeAlt="A" afterAlt="B" beforeName="A"
                    afterName="B" />
            </details>
        @endif
    </div>
</x-layout>
