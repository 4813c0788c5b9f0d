<section class="sheet" aria-labelledby="going-back">
    <h2 id="going-back">To go back for</h2>
    <ul class="going-back">
        @foreach ($revisits as $revisit)
            <li><a href="{{ route('revisits.edit', $revisit->frame) }}"><img
                        src="{{ route('frames.small', $revisit->frame) }}" alt="" loading="lazy">
                    {{ $revisit->frame->attempt->content()->words->title }}</a>
                <span class="fine">{{ $revisit->again ? 'taken again' : $revisit->wish['word'] ?? '' }}</span></li>
        @endforeach
    </ul>
</section>
