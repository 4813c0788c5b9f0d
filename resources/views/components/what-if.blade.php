@props(['whatIf', 'frame'])
<figure class="what-if">
    <div class="what-if-pair">
        <img src="{{ route('frames.picture', $frame) }}" alt="as it was taken" loading="lazy">
        <img src="{{ route('what-ifs.show', $whatIf) }}" alt="{{ $whatIf->title }}" loading="lazy">
    </div>
    <figcaption><b>{{ $whatIf->title }}</b> <span class="fine">{{ $whatIf->said() }} · {{ $whatIf->author->name }} · left as taken, right otherwise</span> {{ $slot }}</figcaption>
</figure>
