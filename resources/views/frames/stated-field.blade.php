@use(TruePupil\Core\Capture\PictureOrigin)
@use(TruePupil\Core\Kit\ExposureMode)
@use(TruePupil\Core\Kit\Support)
@if ($row->field === 'support')
    <select id="stated-support" name="stated[support]" form="prepare">
        <option value="">not known</option>
        @foreach (Support::cases() as $support)
            <option value="{{ $support->value }}"
                @selected(old('stated.support', $view->stated()['support'] ?? '') === $support->value)>
                {{ $support->label() }}</option>
        @endforeach
    </select>
@elseif ($row->field === 'origin')
    <select id="stated-origin" name="stated[origin]" form="prepare">
        <option value="">a camera that somebody used</option>
        @foreach (PictureOrigin::cases() as $origin)
            <option value="{{ $origin->value }}"
                @selected(old('stated.origin', $view->stated()['origin'] ?? '') === $origin->value)>
                {{ $origin->label() }}</option>
        @endforeach
    </select>
    @if ($origin = $view->origin())
        <p class="fine">{{ $origin->explained() }}</p>
    @endif
@elseif ($row->field === 'mode')
    <select id="stated-mode" name="stated[mode]" form="prepare">
        <option value="">not known</option>
        @foreach (ExposureMode::cases() as $mode)
            @if ($mode !== ExposureMode::Unknown)
                <option value="{{ $mode->value }}"
                    @selected(old('stated.mode', $view->stated()['mode'] ?? '') === $mode->value)>
                    {{ $mode->label() }}</option>
            @endif
        @endforeach
    </select>
@else
    <input id="stated-{{ $row->field }}" name="stated[{{ $row->field }}]" form="prepare" maxlength="60"
        value="{{ old('stated.' . $row->field, $view->stated()[$row->field] ?? '') }}" autocomplete="off"
        placeholder="{{ ['fNumber' => 'ƒ/5.6', 'exposureTime' => '1/250 s', 'iso' => '400', 'compensation' => '0',
            'focalLength' => '50 mm', 'focalLength35' => '75 mm'][$row->field] ?? '' }}">
@endif
@error('stated.' . $row->field)
    <p class="field-problem">{{ $message }}</p>
@enderror
