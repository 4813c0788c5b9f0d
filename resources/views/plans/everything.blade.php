@use(TruePupil\Core\Sky\LightDirection)
@use(TruePupil\Core\Kit\Support)
@use(TruePupil\Core\Intent\Facing)
@use(TruePupil\Core\Intent\MeantTone)
@use(TruePupil\Core\Intent\Idea)
@use(TruePupil\Core\Intent\KeptSharp)
@use(TruePupil\Core\Intent\MovementLook)
@use(TruePupil\Core\Intent\SubjectKind)
@use(TruePupil\Core\Plan\LightCondition)
@use(TruePupil\Core\Sky\Weather)
<form id="plan-everything" method="post" action="{{ route('plans.update', $setBrief) }}" class="sheet plan-form"
    hx-put="{{ route('plans.update', $setBrief) }}"
    hx-trigger="change delay:150ms, input changed delay:900ms from:find textarea" hx-target="#answer"
    hx-swap="outerHTML" hx-sync="this:replace" @if ($swapped ?? false) hx-swap-oob="true" @endif>
    @csrf @method('put')
    <input type="hidden" name="pace" value="{{ $sheet->input->text('pace') }}">
    <input type="hidden" name="framing" value="{{ $sheet->input->text('framing') }}">
    <input type="hidden" name="still" value="{{ $sheet->input->text('still') }}">
    <fieldset>
        <legend>The light</legend>
        @foreach ($sheet->ways() as $way => $label)
            <div class="plan-way">
                <label class="choice"><input type="radio" name="way" value="{{ $way }}"
                        @checked($sheet->input->way() === $way)> {{ ucfirst($label) }}</label>
                <div class="plan-way-fields">
                    @switch ($way)
                        @case ('condition')
                            <label for="condition">Condition</label>
                            <select id="condition" name="condition">
                                <option value="">choose one</option>
                                @foreach (LightCondition::cases() as $condition)
                                    <option value="{{ $condition->value }}"
                                        @selected($sheet->input->text('condition') === $condition->value)>
                                        {{ $condition->label() }} · EV
                                            {{ round($condition->ev100()->value, 1) }}
                                    </option>
                                @endforeach
                            </select>
                        @break

                        @case ('spot')
                            <p class="fine">What the meter says of the subject alone: three settings, or the
                                exposure
                                value at ISO 100.</p>
                            @include('plans.reading', ['prefix' => 'spot', 'ev' => 9])
                        @break

                        @case ('shadow')
                            <p class="fine">What the meter says of the darkest place that is to keep its
                                detail. It is placed two stops below mid-grey; the rest falls where it falls.
                            </p>
                            @include('plans.reading', ['prefix' => 'shadow', 'ev' => 6])
                        @break

                        @case ('earlier')
                            @if ($sheet->earlier)
                                <label for="earlier">One of your frames <span class="fine">its marked subject
                                    tells
                                        the light</span></label>
                                <select id="earlier" name="earlier">
                                    <option value="">none of these</option>
                                    @foreach ($sheet->earlier as $id => $frame)
                                        <option value="{{ $id }}"
                                            @selected($sheet->input->text('earlier') === (string) $id)>
                                            {{ $frame['label'] }}</option>
                                    @endforeach
                                </select>
                            @endif
                            <div class="number-row">
                                <label>Aperture <input name="earlierN"
                                    value="{{ $sheet->input->text('earlierN') }}"
                                        inputmode="decimal" placeholder="8" autocomplete="off"></label>
                                <label>Time <input name="earlierT" value="{{ $sheet->input->text('earlierT') }}"
                                        placeholder="1/250" autocomplete="off"></label>
                                <label>ISO <input name="earlierIso"
                                    value="{{ $sheet->input->text('earlierIso') }}"
                                        inputmode="decimal" placeholder="100" autocomplete="off"></label>
                                <label>Came out <input name="earlierStops"
                                    value="{{ $sheet->input->text('earlierStops') }}"
                                        placeholder="0" autocomplete="off" aria-describedby="came-out"></label>
                            </div>
                            <p class="fine" id="came-out">Stops brighter (+) or darker (−) than mid-grey.</p>
                        @break

                        @case ('sky')
                            <p><button type="button" data-here
                            data-timezone="{{ $setBrief->course->timezone }}">Here and
                                    now</button> <span class="fine" data-here-said role="status">Your device asks first.
                                    The place is rounded to about a kilometre.</span></p>
                            <div class="number-row">
                                <label>Latitude <input name="lat" value="{{ $sheet->input->text('lat') }}"
                                        placeholder="50.1" autocomplete="off"></label>
                                <label>Longitude <input name="lon" value="{{ $sheet->input->text('lon') }}"
                                        placeholder="10.2, east is +" autocomplete="off"></label>
                                <label>Date <input type="date" name="date"
                                        value="{{ $sheet->input->text('date') }}"></label>
                                <label>Time <input type="time" name="time"
                                        value="{{ $sheet->input->text('time') }}"></label>
                            </div>
                            <div class="number-row">
                                <label>The camera points to <input name="bearing"
                                    value="{{ $sheet->input->text('bearing') }}" placeholder="south-west, or 225"
                                    autocomplete="off"></label>
                                <label>Compare with the hour <input type="time" name="otherTime"
                                    value="{{ $sheet->input->text('otherTime') }}"></label>
                            </div>
                            <label for="weather">Sky</label>
                            <select id="weather" name="weather">
                                @foreach (Weather::cases() as $weather)
                                    <option value="{{ $weather->value }}"
                                        @selected($sheet->input->weather() === $weather)>
                                        {{ $weather->label() }}</option>
                                @endforeach
                            </select>
                            <p class="fine">Time as in {{ $setBrief->course->timezone }}. Place and hour are
                                kept
                                with this plan alone, and shown to nobody else.</p>
                        @break
                    @endswitch
                </div>
            </div>
        @endforeach
        <details @if ($sheet->range) open @endif>
            <summary>Does one frame hold it? Two spot readings</summary>
            <p class="fine">The darkest place that is to keep its detail, and the brightest one.</p>
            @foreach (['dark' => ['Dark place', 4], 'bright' => ['Bright place', 15]] as $prefix => [$name, $ev])
                <fieldset class="plain">
                    <legend>{{ $name }}</legend>
                    @include('plans.reading', ['prefix' => $prefix, 'ev' => $ev])
                </fieldset>
            @endforeach
        </details>
    </fieldset>
    <fieldset>
        <legend>The picture</legend>
        @if ($brief->placements)
            <label for="placement">Subject of the brief</label>
            <select id="placement" name="placement">
                <option value="">mid-grey</option>
                @foreach ($brief->placements as $placement)
                    <option value="{{ $placement->id }}"
                        @selected($sheet->input->text('placement') === $placement->id)>{{ $placement->label }},
                        at {{ $placement->stops->signed() }}</option>
                @endforeach
            </select>
        @endif
        <div class="intent-grid">
            @foreach (['subject' => ['Subject at', '3', 'm'], 'near' => ['Sharp from', '2.5', 'm'],
                'far' => ['Sharp to', '4, or ∞', 'm'], 'background' => ['Background at', '12', 'm'],
                'separation' => ['Background spread', '3', '% of the width'],
                'focalLength35' => ['Framing', '50', 'mm, as on 36 × 24'],
                'maxIso' => ['Highest ISO', '6400', '']] as $key => [$label, $example, $unit])
                <div @class(['intent-field', 'intent-far' => $key === 'far'])>
                    <label>{{ $label }} <span class="fine">{{ $unit }}</span> <input
                            name="{{ $key }}" value="{{ $sheet->input->text($key) }}" inputmode="decimal"
                            autocomplete="off" placeholder="{{ $example }}"></label>
                    @if ($key === 'far')
                        <button type="button" data-fill="far" data-value="∞" aria-label="Sharp to infinity">∞</button>
                    @endif
                </div>
            @endforeach
            <label>What it is <select name="is">
                    <option value="">not said</option>
                    @foreach (SubjectKind::cases() as $kind)
                        <option value="{{ $kind->value }}" @selected($sheet->input->text('is') === $kind->value)>
                            {{ $kind->label() }}</option>
                    @endforeach
                </select>
            </label>
            <label>How much of it is sharp <select name="kept">
                    <option value="">as its kind asks for</option>
                    @foreach (KeptSharp::cases() as $kept)
                        <option value="{{ $kept->value }}" @selected($sheet->input->text('kept') === $kept->value)>
                            {{ $kept->label() }}</option>
                    @endforeach
                </select>
            </label>
            <label>Movement <select name="want">
                    <option value="">does not matter</option>
                    @foreach (MovementLook::cases() as $look)
                        <option value="{{ $look->value }}"
                            @selected($sheet->input->text('want') === $look->value)>{{ $look->label() }}
                        </option>
                    @endforeach
                </select>
            </label>
            <label>Its speed <span class="fine">m/s; walking is 1.4</span> <input name="speed"
                    value="{{ $sheet->input->text('speed') }}" inputmode="decimal" autocomplete="off"
                    placeholder="1.4"></label>
            <label>Its direction <span class="fine">°; 0 across, 90 towards you</span> <input name="angle"
                    value="{{ $sheet->input->text('angle') }}" inputmode="decimal" autocomplete="off"
                    placeholder="0"></label>
            <label>Support <select name="support">
                    <option value="">whatever the kit has</option>
                    @foreach (Support::cases() as $support)
                        <option value="{{ $support->value }}" @selected($sheet->input->support() === $support)>
                            {{ $support->label() }}</option>
                    @endforeach
                </select>
            </label>
            <label>Idea of the composition <select name="idea">
                    <option value="">none yet</option>
                    @foreach (Idea::cases() as $idea)
                        <option value="{{ $idea->value }}"
                            @selected($sheet->input->text('idea') === $idea->value)>{{ $idea->label() }}
                        </option>
                    @endforeach
                </select>
            </label>
            <label>It looks or goes <select name="facing">
                    <option value="">nowhere</option>
                    @foreach (Facing::cases() as $facing)
                        <option value="{{ $facing->value }}"
                            @selected($sheet->input->text('facing') === $facing->value)>
                            {{ $facing->label() }}</option>
                    @endforeach
                </select></label>
            <label>The light comes <select name="lightFrom">
                    <option value="">not said</option>
                    @foreach (LightDirection::cases() as $from)
                        <option value="{{ $from->value }}"
                            @selected($sheet->input->text('lightFrom') === $from->value)>{{ $from->label() }}
                        </option>
                    @endforeach
                </select></label>
            <label>How bright <select name="tone">
                    <option value="">as usual</option>
                    @foreach (MeantTone::cases() as $tone)
                        <option value="{{ $tone->value }}"
                            @selected($sheet->input->text('tone') === $tone->value)>
                            {{ $tone->label() }}</option>
                    @endforeach
                </select></label>
        </div>
        <div class="intent-flags">
            @foreach (['foliage' => 'leaves or grass in the wind', 'stars' => 'stars stay points',
                'sunStar' => 'lamps or sun become stars',
                'crossesLight' => 'it goes from one light into another', 'person' => 'somebody is in it']
                as $key => $label)
                <label><input type="checkbox" name="{{ $key }}" value="1"
                        @checked($sheet->input->text($key) !== '')> {{ $label }}</label>
            @endforeach
        </div>
        <label for="about">What is the picture about?</label>
        <textarea id="about" name="about" rows="2" maxlength="2000"
            autocomplete="off"
            data-draft="plan-about-{{ $setBrief->id }}-{{ $sheet->plan->number }}">{{
            $sheet->input->text('about') }}</textarea>
        <label for="reason">Why this way? <span class="fine">the reason for idea and
                exposure</span></label>
        <textarea id="reason" name="reason" rows="2" maxlength="2000"
            autocomplete="off"
            data-draft="plan-reason-{{ $setBrief->id }}-{{ $sheet->plan->number }}">{{
            $sheet->input->text('reason') }}</textarea>
    </fieldset>
    <button class="primary">Work it out</button>
</form>
