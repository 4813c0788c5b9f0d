@props(['whatIf', 'frame'])
<figure class="what-if">
    @if ($whatIf->keepsShape())
        <x-wipe :before="route('frames.picture', $frame)" beforeAlt="as it was taken"
            :after="route('what-ifs.show', $whatIf)" :afterAlt="$whatIf->title" />
    @else
        <div class="what-if-pair">
            <img src="{{ route('frames.picture', $frame) }}" alt="as it was taken" loading="lazy">
            <img src="{{ route('what-ifs.show', $whatIf) }}" alt="{{ $whatIf->title }}" loading="lazy">
        </div>
    @endif
    <figcaption><b>{{ $whatIf->title }}</b> <span class="fine">{{ $whatIf->stepsInWords() }} ·
            {{ $whatIf->author->name }}{{ $whatIf->keepsShape() ? '' : ' · left as taken, right otherwise' }}</span>
        {{ $slot }}</figcaption>
</figure>
