{{-- A value on a slider, said beside it; in the middle, or at rest, nothing is asked for. --}}
@props(['name', 'label', 'min', 'max', 'step', 'value' => 0, 'unit' => '', 'says' => null])
<label class="slider"><span>{{ $label }}</span>
    <input type="range" name="{{ $name }}" min="{{ $min }}" max="{{ $max }}" step="{{ $step }}"
        value="{{ $value }}" data-slider="{{ $says ?? $unit }}" autocomplete="off"
        @if ($says === 'hue') data-hue @endif {{ $attributes }}>
    <output></output></label>
