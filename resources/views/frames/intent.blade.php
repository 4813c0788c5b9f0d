@use(TruePupil\Core\Sky\LightDirection)
@use(TruePupil\Core\Intent\Facing)
@use(TruePupil\Core\Intent\MeantTone)
@use(TruePupil\Core\Intent\Idea)
@use(TruePupil\Core\Intent\SubjectKind)
<fieldset class="plain kind-chips">
    <legend>What is it? <span class="fine">one tap; suggestions are for its kind</span></legend>
    <div class="chips">
        @foreach (SubjectKind::asked() as $kind)
            <label class="chip"><input type="radio" name="intent[is]" value="{{ $kind->value }}"
                    @checked(($input['is'] ?? '') === $kind->value)> <span>{{ ucfirst($kind->label()) }}</span></label>
        @endforeach
    </div>
</fieldset>
<fieldset class="intent">
    <legend>What was it meant to show? <span class="fine">whatever you say here is checked</span></legend>
    @error('intent')
        <p class="field-problem">{{ $message }}</p>
    @enderror
    <div class="intent-grid">
        @foreach (['subject' => ['Subject at', '3', 'm'], 'near' => ['Sharp from', '2.5', 'm'],
            'far' => ['Sharp to', '4, or ∞', 'm'], 'background' => ['Background at', '12', 'm'],
            'separation' => ['Background spread', '3', '% of the width'],
            'sceneStops' => ['Range of the scene', '10', 'stops']] as $key => [$label, $example, $unit])
            <label>{{ $label }} <span class="fine">{{ $unit }}</span> <input
                    name="intent[{{ $key }}]" value="{{ $input[$key] ?? '' }}" maxlength="20" inputmode="decimal"
                    autocomplete="off" placeholder="{{ $example }}"></label>
        @endforeach
        <label>Its speed <span class="fine">m/s; walking is 1.4</span> <input name="intent[speed]"
                value="{{ $input['speed'] ?? '' }}" maxlength="20" inputmode="decimal" autocomplete="off"
                placeholder="1.4"></label>
        <label>Its direction <span class="fine">°; 0 across, 90 towards you</span> <input name="intent[angle]"
                value="{{ $input['angle'] ?? '' }}" maxlength="20" inputmode="decimal" autocomplete="off"
                placeholder="0"></label>
        <label>Idea <span class="fine">of the composition</span>
            <select name="intent[idea]">
                <option value="">none</option>
                @foreach (Idea::cases() as $idea)
                    <option value="{{ $idea->value }}"
                        @selected(($input['idea'] ?? '') === $idea->value)>{{ $idea->label() }}</option>
                @endforeach
            </select>
        </label>
        <label>It looks or goes <span class="fine">as seen in the picture</span>
            <select name="intent[facing]">
                <option value="">nowhere</option>
                @foreach (Facing::cases() as $facing)
                    <option value="{{ $facing->value }}"
                        @selected(($input['facing'] ?? '') === $facing->value)>{{ $facing->label() }}</option>
                @endforeach
            </select></label>
        <label>The light comes
            <select name="intent[lightFrom]">
                <option value="">not said</option>
                @foreach (LightDirection::cases() as $from)
                    <option value="{{ $from->value }}"
                        @selected(($input['lightFrom'] ?? '') === $from->value)>{{ $from->label() }}</option>
                @endforeach
            </select></label>
        <label>How bright
            <select name="intent[tone]">
                <option value="">as usual</option>
                @foreach (MeantTone::cases() as $tone)
                    <option value="{{ $tone->value }}"
                        @selected(($input['tone'] ?? '') === $tone->value)>{{ $tone->label() }}</option>
                @endforeach
            </select></label>
    </div>
    <div class="intent-flags">
        @foreach (['foliage' => 'leaves or grass in the wind', 'stars' => 'stars stay points',
            'sunStar' => 'lamps or sun become stars', 'crossesLight' => 'it goes from one light into another',
            'person' => 'somebody is in it'] as $key => $label)
            <label><input type="checkbox" name="intent[{{ $key }}]" value="1"
                    @checked($input[$key] ?? false)> {{ $label }}</label>
        @endforeach
    </div>
</fieldset>
