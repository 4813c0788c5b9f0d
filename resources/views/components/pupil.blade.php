@props(['pupil', 'small' => false])
{{-- True scale: one unit of the drawing is one millimetre. --}}
<figure class="pupil">
    <svg width="{{ $pupil->box() }}mm" height="{{ $pupil->box() }}mm"
        viewBox="0 0 {{ $pupil->box() }} {{ $pupil->box() }}"
        role="img" aria-label="{{ $pupil->label }}">
        @if ($pupil->widest)
            <circle class="pupil-widest" cx="{{ $pupil->box() / 2 }}" cy="{{ $pupil->box() / 2 }}"
                r="{{ $pupil->widest / 2 }}" />
        @endif
        <circle class="pupil-open" cx="{{ $pupil->box() / 2 }}" cy="{{ $pupil->box() / 2 }}"
            r="{{ $pupil->diameter / 2 }}" />
    </svg>
    <figcaption><span class="fine">{{ $small ? number_format($pupil->diameter, 1) . ' mm' : $pupil->label }}</span>
    </figcaption>
</figure>
