@use(TruePupil\Core\Series\MergeLook)
@use(TruePupil\Core\Series\SeriesKind)
<div class="together">
    @foreach ($words as $line)
        <p>{{ $line }}</p>
    @endforeach
    @foreach ($kind === SeriesKind::Bracket ? MergeLook::cases() : [MergeLook::Natural] as $look)
        <figure>
            <img src="{{ route('frames.together.picture', [$frame, $look->value]) }}" loading="lazy"
                alt="{{ $kind === SeriesKind::Bracket ? 'The bracket merged, ' . $look->label()
                    : 'The frames brought together' }}">
            @if ($kind === SeriesKind::Bracket)
                <figcaption class="fine">{{ ucfirst($look->label()) }}.</figcaption>
            @endif
        </figure>
    @endforeach
    @if ($kind !== SeriesKind::Panorama)
        <figure>
            <img src="{{ route('frames.together.picture', [$frame, 'parts']) }}" loading="lazy"
                alt="Which frame gives which part">
            <figcaption class="fine">Which frame gives which part: the first is darkest here, the last white.
            </figcaption>
        </figure>
    @endif
    <p class="fine">{{ $kind === SeriesKind::Panorama ? 'Frames are moved, not bent: seams may show.'
        : 'Frames are taken as they lie: what moved between them shows twice.' }}</p>
</div>
