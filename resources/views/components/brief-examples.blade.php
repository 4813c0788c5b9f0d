<div class="examples">
    @foreach (array_filter(['meets' => $examples->meets, 'misses' => $examples->misses]) as $which => $frames)
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
</div>
