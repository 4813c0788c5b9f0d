@use(TruePupil\Core\Exposure\Stops)
<section id="answer" class="bench-answer" aria-live="polite" aria-label="Answer">
    @if ($result->problem)
        <p class="word word-problem">{{ $result->problem }} <span class="fine">What you typed is kept; change it and the
                answer follows.</span></p>
    @endif
    @if ($result->lines)
        <div class="sheet">
            <dl class="bench-lines">
                @foreach ($result->lines as $line)
                    <div>
                        <dt>{{ $line['label'] }}</dt>
                        <dd>{{ $line['text'] }}</dd>
                    </div>
                @endforeach
            </dl>
            @if ($result->drawings->pupil)
                <x-pupil :pupil="$result->drawings->pupil" />
            @endif
        </div>
    @endif
    @if ($result->solved)
        <div class="sheet">
            <dl class="bench-lines">
                @foreach (['fNumber' => ['Aperture', $result->finder->fNumber],
                    'exposureTime' => ['Exposure time', $result->finder->exposureTime],
                    'iso' => ['ISO', $result->finder->iso]] as $key => [$label, $value])
                    <div>
                        <dt>{{ $label }} <span
                                class="fine">{{ $result->solved->decidedBy[$key]->value === 'person' ? 'you set it'
                                : 'the camera chose it' }}</span>
                        </dt>
                        <dd @class(['blinks' => isset($result->finder->blinking[$key])])>{{ $value }}
                            @isset($result->finder->blinking[$key])
                                <span class="fine">blinks: {{ $result->finder->blinking[$key] }}</span>
                            @endisset
                        </dd>
                    </div>
                @endforeach
                <div>
                    <dt>Meter shows</dt>
                    <dd>{{ $result->finder->meter === null ? 'nothing, in bulb' : $result->finder->meter->signed()
                        . ($result->finder->meterAtEnd ? ' or more' : '') }}
                    </dd>
                </div>
                <div>
                    <dt>Left over</dt>
                    <dd>{{ $result->solved->error->isWithin(Stops::of(1 / 6)) ? 'nothing: the light balances'
                        : $result->solved->error->inWords() . ' too '
                        . ($result->solved->error->value > 0 ? 'bright' : 'dark') }}
                    </dd>
                </div>
            </dl>
            @if ($result->solved->limits)
                <h2>Limits met, in order</h2>
                <ol class="limits">
                    @foreach ($result->solved->limits as $limit)
                        <li>{{ $limit->message }}</li>
                    @endforeach
                </ol>
            @else<p class="fine">No limit was met.</p>
            @endif
            @if ($result->drawings->pupil)
                <x-pupil :pupil="$result->drawings->pupil" />
            @endif
        </div>
    @endif
    @if ($result->advice)
        <div class="sheet bench-suggestions">
            @if ($result->advice->impossible)
                <x-impossible :impossible="$result->advice->impossible->toArray()" />
            @endif
            @foreach ($result->advice->suggestions as $index => $suggestion)
                <x-suggestion :suggestion="$suggestion" :number="$index + 1" />
            @endforeach
        </div>
    @endif
    @if ($result->drawings->map)
        <div class="sheet"><x-exposure-map :map="$result->drawings->map" id="bench-map" /></div>
    @endif
    @if ($result->drawings->ruler || $result->drawings->comb)
        <div class="sheet">
            @if ($result->drawings->ruler)
                <x-depth-ruler :ruler="$result->drawings->ruler" />
                @endif @if ($result->drawings->comb)
                    <x-movement-comb :comb="$result->drawings->comb" />
                @endif
        </div>
    @endif
    @if ($result->drawings->ledger)
        <div class="sheet">
            @if ($result->drawings->secondLedger)
                <x-ledger-compare :before="$result->drawings->ledger" :after="$result->drawings->secondLedger"
                    beforeName="First"
                    afterName="Second"
                caption="the first setting against the second" />@else<x-ledger :ledger="$result->drawings->ledger" />
            @endif
        </div>
    @endif
    <p class="fine"><a href="{{ $address }}">The address of this answer</a>: whoever opens it sees the same.</p>
</section>
