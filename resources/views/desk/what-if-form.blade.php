{{-- Moved and drawn; the server follows it on a copy, and the large picture shows it. --}}
<form method="post" action="{{ route('what-ifs.store', $frame) }}" hx-post="{{ route('what-ifs.store', $frame) }}"
    hx-target="#what-ifs-{{ $frame->id }}" hx-swap="outerHTML">
    @csrf
    <p class="word word-problem" data-said hidden role="alert"></p>
    @if ($frame->measures?->raw())
        <p class="fine">Made darker, what the preview shows as white comes from the raw file.</p>
    @endif
    <x-slider name="exposure[stops]" label="Exposure" min="-3" max="3" step="0.3333" unit="stops" />
    <x-slider name="shadows[stops]" label="Lift shadows" min="0" max="3" step="0.3333" unit="stops" />
    <x-slider name="highlights[stops]" label="Hold highlights" min="-3" max="0" step="0.3333" unit="stops" />
    <div data-drawn="level" data-mark-goes>
        <x-slider name="straighten[degrees]" label="Straighten" min="-15" max="15" step="0.1" unit="°"
            data-side="degrees" />
        <p class="draw-row"><button type="button" class="plain" data-draw="line"
                data-says="Draw along what should lie level or stand upright.">Draw what should be level</button>
            <span class="fine" data-drawing-says aria-live="polite"></span></p>
    </div>
    <fieldset data-drawn="crop" data-mark-goes>
        <legend>Crop</legend>
        <div class="draw-row">
            <button type="button" class="plain" data-draw="box" data-says="Draw what should be left.">Draw
                it</button>
            @foreach ($view->crops() as $crop)
                <button type="button" class="plain"
                    data-crop="{{ $view->cropField($crop) }}">{{ $crop['ratio'] }}</button>
            @endforeach
            <button type="button" class="plain" data-undraw>None</button>
            <span class="fine" data-drawing-says aria-live="polite"></span>
        </div>
        <details class="in-numbers">
            <summary>in numbers, % of the frame</summary>
            <div class="number-row">
                @foreach (['x' => 'Left', 'y' => 'Top', 'width' => 'Width', 'height' => 'Height']
                    as $key => $label)
                    <label>{{ $label }} <input name="crop[{{ $key }}]" inputmode="decimal" data-side="{{ $key }}"
                            maxlength="6" autocomplete="off"></label>
                @endforeach
            </div>
        </details>
    </fieldset>
    <details class="what-if-group">
        <summary>Light in one place</summary>
        <div data-drawn="darken">
            <p class="draw-row"><button type="button" class="plain" data-draw="box"
                    data-says="Draw the place.">Draw the place</button> <button type="button" class="plain"
                    data-undraw>None</button> <span class="fine" data-drawing-says aria-live="polite"></span></p>
            @foreach (['x', 'y', 'width', 'height'] as $key)
                <input type="hidden" name="darken[{{ $key }}]" data-side="{{ $key }}">
            @endforeach
            <x-slider name="darken[stops]" label="There" min="-3" max="2" step="0.3333" value="-1"
                unit="stops" />
            <x-slider name="darken[feather]" label="Soft by" min="0" max="30" step="1" value="8" unit="%" />
        </div>
        <div data-drawn="graduated">
            <p class="draw-row"><button type="button" class="plain" data-draw="edge"
                    data-says="Draw from where it is full to where it ends.">Draw a soft edge across</button>
                <button type="button" class="plain" data-undraw>None</button> <span class="fine"
                    data-drawing-says aria-live="polite"></span></p>
            @foreach (['from', 'to'] as $key)
                <input type="hidden" name="graduated[{{ $key }}]" data-side="{{ $key }}">
            @endforeach
            <x-slider name="graduated[stops]" label="Beyond it" min="-3" max="2" step="0.3333" value="-1"
                unit="stops" />
        </div>
    </details>
    <details class="what-if-group">
        <summary>Shape and surface</summary>
        <x-slider name="perspective[top]" label="Uprights" min="-60" max="60" step="1" unit="%" />
        <x-slider name="perspective[left]" label="Levels" min="-60" max="60" step="1" unit="%" />
        <x-slider name="curve[amount]" label="Curved lines" min="-30" max="30" step="1" unit="%" />
        <x-slider name="corners[stops]" label="Corners" min="-2" max="2" step="0.3333" unit="stops" />
        <x-slider name="grain[stops]" label="Grain" min="0" max="0.3" step="0.02" unit="" />
        <div data-drawn="remove">
            <p class="draw-row"><button type="button" class="plain" data-draw="box"
                    data-says="Draw round the spot.">Take out a spot</button> <button type="button" class="plain"
                    data-undraw>None</button> <span class="fine" data-drawing-says aria-live="polite"></span></p>
            @foreach (['x', 'y', 'width', 'height'] as $key)
                <input type="hidden" name="remove[{{ $key }}]" data-side="{{ $key }}">
            @endforeach
        </div>
    </details>
    <details class="what-if-group">
        <summary>Colour</summary>
        <x-slider name="saturation[amount]" label="All colour" min="-100" max="100" step="5" unit="%" />
        <div data-drawn="fade">
            <p class="draw-row"><button type="button" class="plain" data-draw="box"
                    data-says="Draw where the colour is too much.">Soften the colour of a place</button>
                <button type="button" class="plain" data-undraw>None</button> <span class="fine"
                    data-drawing-says aria-live="polite"></span></p>
            @foreach (['x', 'y', 'width', 'height'] as $key)
                <input type="hidden" name="fade[{{ $key }}]" data-side="{{ $key }}">
            @endforeach
            <x-slider name="fade[amount]" label="By" min="0" max="100" step="5" value="60" unit="%" />
            <x-slider name="fade[feather]" label="Soft by" min="0" max="30" step="1" value="8" unit="%" />
        </div>
        <label class="choice"><input type="checkbox" name="grey[on]" value="1" data-reveals> Black and white</label>
        <div class="revealed">
            @foreach (['red' => 0.3, 'green' => 0.6, 'blue' => 0.1] as $key => $value)
                <x-slider :name="'grey[' . $key . ']'" :label="ucfirst($key)" min="-1" max="2" step="0.05"
                    :value="$value" says="weight" />
            @endforeach
        </div>
        @foreach (['calm' => 'Calm one colour', 'shift' => 'Shift one colour', 'keep' => 'Keep one colour']
            as $step => $label)
            <label class="choice"><input type="checkbox" name="{{ $step }}[on]" value="1" data-reveals>
                {{ $label }}</label>
            <div class="revealed">
                <x-slider :name="$step . '[hue]'" label="Which" min="0" max="360" step="1" value="60"
                    says="hue" />
                <x-slider :name="$step . '[width]'" label="Reach" min="5" max="180" step="1" value="40"
                    unit="°" />
                @if ($step === 'calm')
                    <x-slider name="calm[amount]" label="By" min="0" max="100" step="1" value="70"
                        unit="%" />
                @elseif ($step === 'shift')
                    <x-slider name="shift[degrees]" label="By" min="-90" max="90" step="1" value="15"
                        unit="°" />
                @endif
            </div>
        @endforeach
    </details>
    <label>Say in a word what it shows <input name="title" maxlength="120" autocomplete="off"></label>
    <p class="draw-row"><button>Save it with the critique</button> <button type="reset" class="plain">As
            taken</button></p>
</form>
