<div class="examples">
    @foreach ($made as $which => $frames)
        <figure class="example example-{{ $which }}">
            <div class="example-frames">
                @foreach ($frames as $one)
                    <img src="{{ $one['file'] }}" width="720" height="480" loading="lazy"
                        alt="{{ $which === 'meets' ? 'A frame that meets the brief' : 'A frame that does not' }}">
                @endforeach
            </div>
            <figcaption>
                <b>{{ $which === 'meets' ? 'This meets it' : 'This does not' }}</b>
                <span class="fine">{{ implode(' · ', array_unique(array_column($frames, 'settings'))) }}</span>
                @if ($which === 'misses')
                    <span>Missed: {{ lcfirst($examples->missed->sentence) }}. {{ $examples->missed->reason }}</span>
                @endif
            </figcaption>
        </figure>
    @endforeach
    @foreach ($own as $one)
        <figure class="example example-{{ $one->meets ? 'meets' : 'misses' }}">
            <div class="example-frames"><img src="{{ route('brief-pictures.show', $one) }}" loading="lazy"
                    alt="{{ $one->meets ? 'A frame that meets the brief' : 'A frame that does not' }}"></div>
            <figcaption>
                <b>{{ $one->meets ? 'This meets it' : 'This does not' }}</b>
                <span class="fine">{{ $one->settings }}</span>
            </figcaption>
        </figure>
    @endforeach
</div>
