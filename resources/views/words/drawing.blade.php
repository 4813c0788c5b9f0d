@switch ($term->drawing)
    @case ('stop')
        <svg class="word-drawing" viewBox="0 0 120 40" aria-hidden="true">
            @foreach ([2, 4, 8, 16, 32] as $at => $height)
                <rect x="{{ 4 + 23 * $at }}" y="{{ 38 - $height }}" width="18" height="{{ $height }}" />
            @endforeach
        </svg>
    @break

    @case ('mid-grey')
        <svg class="word-drawing" viewBox="0 0 120 40" aria-hidden="true">
            @foreach (['#111', '#454545', '#767676', '#b2b2b2', '#f6f6f6'] as $at => $tone)
                <rect x="{{ 2 + 23 * $at }}" y="4" width="23" height="32" style="fill: {{ $tone }}" />
            @endforeach
            <path d="M59.5,36 l-5,4 h10 z" />
        </svg>
    @break

    @case ('aperture')
        <svg class="word-drawing" viewBox="0 0 120 40" aria-hidden="true">
            @foreach ([[20, 16], [60, 11.3], [100, 8]] as [$x, $r])
                <circle class="line" cx="{{ $x }}" cy="20" r="17.5" />
                <circle cx="{{ $x }}" cy="20" r="{{ $r }}" />
            @endforeach
        </svg>
    @break

    @case ('histogram')
        <svg class="word-drawing" viewBox="0 0 120 40" aria-hidden="true">
            <path d="M4,36 C20,36 26,30 36,20 S52,6 62,8 S82,30 92,32 S112,36 116,36 Z" />
            <path class="line" d="M4,36 H116" />
        </svg>
    @break

    @case ('depth')
        <svg class="word-drawing" viewBox="0 0 120 40" aria-hidden="true">
            <rect class="wash" x="44" y="4" width="40" height="28" />
            <path class="line" d="M4,32 H116 M60,4 V32" />
            <circle cx="10" cy="32" r="4" />
        </svg>
    @break
@endswitch
