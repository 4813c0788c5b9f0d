@props(['suggestion', 'number' => null])
<div class="suggestion">
    <p class="suggestion-title">
        @if ($number)
            <span class="number">{{ $number }}</span>
        @endif{{ $suggestion->title }}
    </p>
    <p class="fine">
        {{ $suggestion->setup() }}
    </p>
    <ul class="gains">
        @foreach ($suggestion->effect->gains as $gain)
            <li><span class="sign" aria-label="gains">+</span> {{ $gain }}</li>
        @endforeach
        @foreach ($suggestion->effect->costs as $cost)
            <li><span class="sign" aria-label="costs">−</span> {{ $cost }}</li>
        @endforeach
    </ul>
    @if ($pupil = \App\View\Drawings\PupilDrawing::ofSuggestion($suggestion))
        <x-pupil :pupil="$pupil" small />
    @endif
</div>
