@props(['strip', 'frames', 'checks' => [], 'pictures' => true])
<section class="sheet series">
    <h2>{{ $strip->title() }}</h2>
    @if ($pictures)
        <ol class="contact-row">
            @foreach ($frames as $index => $frame)
                <li class="contact"><a class="contact-picture" href="#frame-{{ $frame->id }}"><img
                            src="{{ route('frames.picture', $frame) }}" alt="{{ $frame->original_name }}"
                            loading="lazy"></a>
                    <p class="contact-name">{{ $index + 1 }} · {{ $frame->record()?->settings() }}</p>
                </li>
            @endforeach
        </ol>
    @endif
    <figure class="series-strip">
        <svg viewBox="0 -6 {{ $strip::WIDTH }} 88" role="img"
            aria-label="{{ $strip->summary() }}">
            @foreach ($strip->steps() as $step)
                <line class="series-step {{ $step['isGap'] ? 'series-gap' : '' }}" x1="{{ $step['x1'] }}"
                    x2="{{ $step['x2'] }}" y1="30" y2="30" /><text class="series-label"
                    x="{{ $step['x'] }}" y="22">{{ $step['label'] }}</text>
                @if ($step['isGap'])
                    <text class="series-missing" x="{{ $step['x'] }}" y="46">a frame is missing here</text>
                @endif
            @endforeach
            @foreach ($strip->points() as $point)
                <circle cx="{{ $point['x'] }}" cy="30" r="9">
                    <title>{{ $point['label'] }}</title>
                </circle><text class="series-number" x="{{ $point['x'] }}" y="34">{{ $point['number'] }}</text>
            @endforeach
            <text class="series-end" x="40" y="60" style="text-anchor: start">darker</text><text class="series-end"
                x="600" y="60" style="text-anchor: end">brighter</text>
        </svg>
        @if ($strip->covered())
            <figcaption class="fine">{{ $strip->covered() }}</figcaption>
        @endif
    </figure>
    <x-together :frames="$frames" />
    @if ($checks && $pictures)
        <x-checks :checks="$checks" />
    @elseif ($checks)
        <x-check-rows :checks="$checks" />
    @endif
</section>
