@use(App\View\Presenters\PracticeLink)
<section id="answer" class="plan-answer" aria-live="polite" aria-label="The plan worked out">
    @foreach ($sheet->problems as $problem)
        <p class="word word-problem">{{ $problem }} <span class="fine">What you typed is kept.</span></p>
    @endforeach
    @if ($sheet->isPlainKit)
        <p class="word">You have entered no lens yet, so this is worked out for {{ $sheet->kit->body->name }} with
            {{ $sheet->kit->lenses[0]->name }}. <a href="{{ route('kit.edit') }}">Enter your kit</a></p>
    @endif
    @if ($sheet->light === null)
        <div class="sheet">
            <p>Say what light there will be, and the settings follow here.
                @if ($sheet->input->way() !== 'condition')
                    Still missing: {{ implode(', ', $sheet->input->missing()) }}.
                @endif
            </p>
            <p class="fine">Everything is kept as you type.</p>
        </div>
        @include('plans.range')
    @else
        <div class="sheet">
            <div class="title-row">
                <h2>Settings that fit <span class="fine">light EV {{ round($sheet->light->value, 1) }} at ISO
                        100</span></h2>
                <a class="button" href="{{ route('plans.print', $setBrief) }}">For the pocket</a>
            </div>
            @if ($sheet->advice?->impossible)
                <p class="word"><b>Nothing in the kit meets every wish.</b> {{ $sheet->advice->impossible->reason }}</p>
            @endif
            <form method="post" action="{{ route('plans.choose', $setBrief) }}"
                hx-post="{{ route('plans.choose', $setBrief) }}" hx-trigger="change" hx-target="#answer"
                hx-swap="outerHTML">
                @csrf
                @if ($sheet->advice?->impossible?->wouldHelp)
                    <h3>With one of these it would be possible</h3>
                    @foreach ($sheet->advice->impossible->wouldHelp as $index => $remedy)
                        <label class="choice plan-choice"><input type="radio" name="suggestion"
                                value="help-{{ $index }}" @checked($sheet->chosenIndex() === 'help-' . $index)
                                @disabled($remedy->settings === null)> <span
                                class="choice-body"><b>{{ $remedy->sentence }}</b></span></label>
                    @endforeach
                    <h3>Without any of it, this comes nearest</h3>
                @endif
                @foreach ($sheet->advice->suggestions ?? [] as $index => $suggestion)
                    <label class="choice plan-choice"><input type="radio" name="suggestion"
                            value="{{ $index }}" @checked($sheet->chosenIndex() === (string) $index)>
                        <span class="choice-body"><x-suggestion :suggestion="$suggestion" :number="$index + 1" />
                            <span class="plan-decisions">
                                @foreach ($sheet->decisions($suggestion) as $line)
                                    <span>{{ $line }}.</span>
                                    @endforeach @if ($sum = $sheet->filterSum($suggestion))
                                        <span><b>Filter:</b> {{ $sum->sentence() }}</span>
                                    @endif
                            </span>
                        </span></label>
                @endforeach
                <noscript><button>Take this one</button></noscript>
            </form>
            @if ($sheet->plan->chosen && $sheet->chosenIndex() === null)
                <p class="word">You took {{ $sheet->plan->chosen->exposure->settings }} before; what is typed now no
                    longer offers it. It stays your plan until you take another.</p>
            @elseif ($sheet->chosenIndex() !== null)
                <p class="word word-done">Taken. Your frames will be held against it, line by line.</p>
            @endif
            @if ($sheet->plan->chosen)
                <p class="button-row"><a class="button primary"
                        href="{{ route('set-briefs.show', $setBrief) }}#begin">Hand in for attempt
                        {{ $sheet->plan->number }}</a>
                    @if ($practice = PracticeLink::to(
                        $setBrief->content()->scene,
                        $sheet->plan->chosen->exposure->settings,
                    ))
                        <a class="button" href="{{ $practice }}">Try it in the practice camera</a>
                    @endif
                </p>
                @if ($sheet->wayBack())
                    <details>
                        <summary>Before you leave, in the dark</summary>
                        <ul class="plan-lines">
                            @foreach ($sheet->wayBack() as $line)
                                <li>{{ $line }}</li>
                            @endforeach
                        </ul>
                    </details>
                @endif
            @endif
        </div>
        @include('plans.range')
        @if ($map = $drawings->map())
            <div class="sheet"><x-exposure-map :map="$map" id="plan-map" /></div>
        @endif
        @if ($drawings->ruler() || $drawings->comb())
            <div class="sheet">
                @if ($ruler = $drawings->ruler())
                    <x-depth-ruler :ruler="$ruler" />
                    @endif @if ($comb = $drawings->comb())
                        <x-movement-comb :comb="$comb" />
                    @endif
            </div>
        @endif
    @endif
    @if ($sky = $drawings->sky())
        <div class="sheet"><x-sky-path :sky="$sky" :other="$sheet->otherOuting" /></div>
    @endif
</section>
