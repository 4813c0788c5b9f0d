{{-- A point a frame; what met the limit is filled. --}}
@props(['strip'])
<svg class="spread" viewBox="0 0 {{ $strip::WIDTH }} {{ $strip::HEIGHT }}" role="img"
    aria-label="{{ $strip->summary() }}">
    <line class="spread-line" x1="12" x2="628" y1="52" y2="52" />
    @foreach ($strip->limits() as $limit)
        <line class="spread-limit" x1="{{ $limit['x'] }}" x2="{{ $limit['x'] }}" y1="6" y2="58" />
        <text x="{{ $limit['x'] }}" y="70">{{ $limit['label'] }}</text>
    @endforeach
    @foreach ($strip->points() as $point)
        <circle class="{{ $point['met'] ? 'spread-met' : 'spread-beside' }}" cx="{{ $point['x'] }}"
            cy="{{ $point['y'] }}" r="3.6" />
    @endforeach
</svg>
