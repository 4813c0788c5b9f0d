@props(['suggestion', 'number' => null])
@php($pupil = \App\View\Drawings\PupilDrawing::ofSuggestion($suggestion))
<div class="suggestion">
    <p class="suggestion-title">
        @if ($number)
            <span class="number">{{ $number }}</span>
        @endif{{ $suggestion['title'] }}
    </p>
    <p class="fine">
        {{ implode(
            ' · ',
            array_filter([
                $suggestion['lens']
                    ? $suggestion['lens'] .
                        ($suggestion['focalLength'] &&
                        !str_contains($suggestion['lens'], round($suggestion['focalLength']) . ' mm')
                            ? ' at ' . round($suggestion['focalLength']) . ' mm'
                            : '')
                    : null,
                \TruePupil\Core\Kit\ExposureMode::from($suggestion['mode'])->label(),
                $suggestion['compensation'] ?? null
                    ? 'compensation ' . \TruePupil\Core\Exposure\Stops::of($suggestion['compensation'])->signed()
                    : null,
                $suggestion['focusDistance'] ?? null
                    ? 'focus at ' . \TruePupil\Core\Optics\Metres::text($suggestion['focusDistance'])
                    : null,
            ]),
        ) }}
    </p>
    <ul class="gains">
        @foreach ($suggestion['gains'] as $gain)
            <li><span class="sign" aria-label="gains">+</span> {{ $gain }}</li>
        @endforeach
        @foreach ($suggestion['costs'] as $cost)
            <li><span class="sign" aria-label="costs">−</span> {{ $cost }}</li>
        @endforeach
    </ul>
    @if ($pupil)
        <x-pupil :pupil="$pupil" small />
    @endif
</div>
