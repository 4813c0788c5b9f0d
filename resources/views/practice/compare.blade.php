@use(App\Practice\Scene)
<x-layout title="Side by side" wide>
    <div class="sheet-head">
        <h1>Side by side</h1>
        <p><a href="{{ route('roll') }}">Your roll</a> · <a href="{{ route('roll.compare',
            ['frame' => [$after->id, $before->id]]) }}">Swap them</a></p>
    </div>
    <div class="side-by-side">
        @foreach ([$before, $after] as $frame)
            <figure class="zoomable" data-zoom data-zoom-group="roll">
                <div class="surround">
                    <div class="picture" style="--aspect: 1.5"><img src="{{ route('roll.picture', $frame) }}"
                            width="1800" height="1200"
                            alt="{{ Scene::titleOf($frame->scene) }}, {{ $frame->exposure() }}"></div>
                </div>
                <figcaption>
                    <span><b>{{ $frame->exposure() }}</b> <span
                            class="fine">{{ Scene::titleOf($frame->scene) }}; focused at
                            {{ TruePupil\Core\Optics\Metres::text($frame->result['focus']) }};
                            {{ $frame->result['focal'] }} mm;
                            {{ TruePupil\Core\Kit\ExposureMode::from($frame->result['mode'])->label() }}</span></span>
                    <span class="zoom" role="group"
                        aria-label="How close both are seen; arrow keys move them"><button type="button"
                            data-closer>Closer</button><button type="button" data-farther
                            disabled>Farther</button></span>
                </figcaption>
            </figure>
        @endforeach
    </div>
    <nav aria-label="Lay another frame beside the first">
        <ol class="roll-strip">
            @foreach ($roll as $frame)
                <li>
                    @if ($frame->id === $before->id)
                        <span class="roll-strip-first"><img src="{{ route('roll.picture', $frame) }}" width="150"
                                height="100" alt="The first: {{ $frame->exposure() }}" loading="lazy"></span>
                    @else
                        <a href="{{ route('roll.compare', ['frame' => [$before->id, $frame->id]]) }}"
                            @if ($frame->id === $after->id) aria-current="true" @endif><img
                                src="{{ route('roll.picture', $frame) }}" width="150" height="100"
                                alt="{{ Scene::titleOf($frame->scene) }}, {{ $frame->exposure() }}" loading="lazy"></a>
                    @endif
                </li>
            @endforeach
        </ol>
    </nav>
    <x-ledger-compare :before="$before->ledger()" :after="$after->ledger()" :before-name="$before->fileName()"
        :after-name="$after->fileName()"
        caption="the first frame against the second" />
</x-layout>
