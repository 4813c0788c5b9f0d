{{-- Numbers as a person would say them; the server follows them on a copy. --}}
<details class="what-if-tools" data-what-if="{{ route('what-ifs.preview', $frame) }}">
    <summary>What if … <span class="fine">tried on a copy; the frame stays as it is</span></summary>
    <form method="post" action="{{ route('what-ifs.store', $frame) }}" hx-post="{{ route('what-ifs.store', $frame) }}"
        hx-target="#what-ifs-{{ $frame->id }}" hx-swap="outerHTML">
        @csrf
        <div class="what-if-pair"><img src="{{ route('frames.picture', $frame) }}" alt="as it was taken"
                loading="lazy"><img data-preview alt="as it would be" hidden></div>
        <p class="word word-problem" data-said hidden role="alert"></p>
        <div class="intent-grid">
            @foreach (['exposure' => ['Exposure', 'stops', '+1'], 'shadows' => ['Lift shadows', 'stops', '1'],
                'highlights' => ['Hold highlights', 'stops', '−1']] as $step => [$label, $unit, $example])
                <label>{{ $label }} <span class="fine">{{ $unit }}</span> <input
                        name="{{ $step }}[stops]" inputmode="decimal" maxlength="6"
                        placeholder="{{ $example }}" autocomplete="off"></label>
            @endforeach
            <label>Straighten <span class="fine">°</span> <input name="straighten[degrees]" inputmode="decimal"
                    maxlength="6" placeholder="1.5" autocomplete="off"></label>
        </div>
        <fieldset>
            <legend>Crop <span class="fine">% of the frame</span></legend>
            @if ($view->crops())<label class="visually-hidden"
                    for="crop-{{ $frame->id }}">The best crops</label><select id="crop-{{ $frame->id }}"
                    data-crops>
                    <option value="">the best of a shape …</option>
                    @foreach ($view->crops() as $crop)
                        <option
                            value="{{ $view->cropField($crop) }}">
                            {{ $crop['ratio'] }}</option>
                    @endforeach
                </select>
            @endif
            <div class="number-row">
                @foreach (['x' => 'Left', 'y' => 'Top', 'width' => 'Width', 'height' => 'Height'] as $key => $label)
                    <label>{{ $label }} <input name="crop[{{ $key }}]" inputmode="decimal"
                            maxlength="6" autocomplete="off"></label>
                @endforeach
            </div>
        </fieldset>
        <fieldset>
            <legend>Colour</legend>
            <label class="choice"><input type="checkbox" name="grey[on]" value="1"> Black and white, by
                weights</label>
            <div class="number-row">
                @foreach (['red' => '0.3', 'green' => '0.6', 'blue' => '0.1'] as $key => $value)
                    <label>{{ ucfirst($key) }} <input name="grey[{{ $key }}]" value="{{ $value }}"
                            inputmode="decimal" maxlength="6"></label>
                @endforeach
            </div>
            @foreach (['calm' => ['Calm one colour', ['hue' => '60', 'width' => '40', 'amount' => '70']],
                'shift' => ['Shift one colour', ['hue' => '60', 'width' => '40', 'degrees' => '15']],
                'keep' => ['Keep one colour', ['hue' => '60', 'width' => '40']]] as $step => [$label, $numbers])
                <label class="choice"><input type="checkbox" name="{{ $step }}[on]" value="1">
                    {{ $label }}</label>
                <div class="number-row">
                    @foreach ($numbers as $key => $value)
                        <label>{{ ['hue' => 'Hue °', 'width' => 'Reach °', 'amount' => 'By %',
                            'degrees' => 'By °'][$key] }}
                            <input name="{{ $step }}[{{ $key }}]" value="{{ $value }}"
                                inputmode="decimal" maxlength="6"></label>
                    @endforeach
                </div>
            @endforeach
        </fieldset>
        <fieldset>
            <legend>Light in places <span class="fine">% of the frame, stops</span></legend>
            <div class="number-row">
                @foreach (['x' => 'Left', 'y' => 'Top', 'width' => 'Width', 'height' => 'Height', 'stops' => 'Stops',
                    'feather' => 'Soft by'] as $key => $label)
                    <label>{{ $label }} <input name="darken[{{ $key }}]" inputmode="decimal"
                            maxlength="6" autocomplete="off"></label>
                @endforeach
            </div>
            <div class="number-row">
                @foreach (['from' => 'Edge from', 'to' => 'to', 'stops' => 'Stops above it'] as $key => $label)
                    <label>{{ $label }} <input name="graduated[{{ $key }}]" inputmode="decimal"
                            maxlength="6" autocomplete="off"></label>
                @endforeach
            </div>
        </fieldset>
        <label>Say in a word what it shows <input name="title" maxlength="120" autocomplete="off"></label>
        <button>Save it with the critique</button>
    </form>
</details>
