@use(TruePupil\Core\Exposure\Stops)
<section id="answer" class="bench-answer" aria-live="polite" aria-label="Answer">
    @if ($result->problem)
        <p class="word word-problem">{{ $result->problem }} <span class="fine">What you typed is kept; change it and the
                answer follows.</span></p>
    @endif
    @if ($answer->lines)
        <div class="sheet">
            <dl class="bench-lines">
                @foreach ($answer->lines as $line)
                    <div>
                        <dt>{{ $line['label'] }}</dt>
                        <dd>{{ $line['text'] }}</dd>
                    </div>
                @endforeach
            </dl>
            @if ($result->pupil)
                <x-pupil :pupil="$result->pupil" />
            @endif
        </div>
    @endif
    @if ($answer->solved)
        <div class="sheet">
            <dl class="bench-lines">
                @foreach (['fNumber' => ['Aperture', $answer->finder->fNumber],
                    'exposureTime' => ['Exposure time', $answer->finder->exposureTime],
                    'iso' => ['ISO', $answer->finder->iso]] as $key => [$label, $value])
                    <div>
                        <dt>{{ $label }} <span
                                class="fine">{{ $answer->solved->decidedBy[$key]->value === 'person' ? 'you set it'
                                : 'the camera chose it' }}</span>
                        </dt>
                        <dd @class(['blinks' => isset($answer->finder->blinking[$key])])>{{ $value }}
                            @isset($answer->finder->blinking[$key])
                                <span class="fine">blinks: {{ $answer->finder->blinking[$key] }}</span>
                            @endisset
                        </dd>
                    </div>
                @endforeach
                <div>
                    <dt>Meter shows</dt>
                    <dd>{{ $answer->finder->meter === null ? 'nothing, in bulb' : $answer->finder->meter->signed()
                        . ($answer->finder->meterAtEnd ? ' or more' : '') }}
                    </dd>
                </div>
                <div>
                    <dt>Left over</dt>
                    <dd>{{ $answer->solved->error->isWithin(Stops::of(1 / 6)) ? 'nothing: the light balances'
                        : $answer->solved->error->inWords() . ' too '
                        . ($answer->solved->error->value > 0 ? 'bright' : 'dark') }}
                    </dd>
                </div>
            </dl>
            @if ($answer->solved->limits)
                <h2>Limits met, in order</h2>
                <ol class="limits">
                    @foreach ($answer->solved->limits as $limit)
                        <li>{{ $limit->message }}</li>
                    @endforeach
                </ol>
            @else<p class="fine">No limit was met.</p>
            @endif
            @if ($result->pupil)
                <x-pupil :pupil="$result->pupil" />
            @endif
        </div>
    @endif
    @if ($answer->advice)
        <div class="sheet bench-suggestions">
            @if ($answer->advice->impossible)
                <x-impossible :impossible="$answer->advice->impossible->toArray()" />
            @endif
            @foreach ($answer->advice->suggestions as $index => $suggestion)
                <x-suggestion :suggestion="$suggestion" :number="$index + 1" />
            @endforeach
        </div>
    @endif
    @if ($result->map)
        <div class="sheet"><x-exposure-map :map="$result->map" id="bench-map" /></div>
    @endif
    @if ($result->ruler || $result->comb)
        <div class="sheet">
            @if ($result->ruler)
                <x-depth-ruler :ruler="$result->ruler" />
                @endif @if ($result->comb)
                    <x-movement-comb :comb="$result->comb" />
                @endif
        </div>
    @endif
    @if ($figures->ledger)
        <div class="sheet">
            @if ($figures->secondLedger)
                <x-ledger-compare :before="$figures->ledger" :after="$figures->secondLedger"
                    beforeName="First"
                    afterName="Second"
                caption="the first setting against the second" />@else<x-ledger :ledger="$figures->ledger" />
            @endif
        </div>
    @endif
    <p class="fine"><a href="{{ $address }}">The address of this answer</a>: whoever opens it sees the same.</p>
</section>
