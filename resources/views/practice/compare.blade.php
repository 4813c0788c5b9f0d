<x-layout title="Side by side" wide>
    <p class="eyebrow"><a href="{{ route('practice') }}">Practice camera</a> · your roll</p>
    <h1>Side by side</h1>
    <div class="side-by-side">
        @foreach ([$before, $after] as $frame)
            <figure>
                <div class="surround"><img src="{{ route('roll.picture', $frame) }}" width="1800" height="1200"
                        alt="{{ \App\Practice\Scene::find($frame->scene)->words->title }}, {{ $frame->exposure()
                        }}"></div>
                <figcaption><b>{{ $frame->exposure() }}</b> <span
                    class="fine">{{ \App\Practice\Scene::find($frame->scene)->words->title }}; focused at
                        {{ TruePupil\Core\Optics\Metres::text($frame->result['focus']) }}; {{ $frame->result['focal'] }}
                        mm; {{ TruePupil\Core\Kit\ExposureMode::from($frame->result['mode'])->label() }}</span>
                </figcaption>
            </figure>
        @endforeach
    </div>
    <x-ledger-compare :before="$before->ledger()" :after="$after->ledger()" :before-name="$before->fileName()"
        :after-name="$after->fileName()"
        caption="the first frame against the second" />
</x-layout>
