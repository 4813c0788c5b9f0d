@use(App\View\Assets)
<x-layout :title="$brief->words->title" :course="$setBrief->course" wide>
    <div class="projector" data-projector>
        <article class="slide">
            <p class="eyebrow">{{ $slide->kind }}</p>
            <h1>{{ $slide->title }}</h1>
            <p class="slide-lead">{{ $slide->lead }}</p>
            @foreach ($slide->lines as $line)
                <p class="slide-line">{{ $line }}</p>
            @endforeach
            @if ($slide->strip)
                <x-spread-strip :strip="$slide->strip" />
            @endif
            @if ($slide->picture)
                <x-settings-picture :picture="$slide->picture" />
            @endif
            @if ($slide->frames)
                <div class="slide-frames">
                    @foreach ($slide->frames as $frame)
                        <img src="{{ route('frames.picture', $frame) }}"
                            alt="a frame that its owner shows to the class">
                    @endforeach
                </div>
            @endif
        </article>
        <nav class="slide-steps no-print" aria-label="Steps">
            @if ($at > 1)
                <a class="button" rel="prev"
                    href="{{ route('patterns.project', ['setBrief' => $setBrief, 'at' => $at - 1]) }}">← Back</a>
            @endif
            <span class="fine">{{ $at }} of {{ $count }} <span class="keys-hint">arrow keys turn</span></span>
            @if ($at < $count)
                <a class="button primary" rel="next"
                    href="{{ route('patterns.project', ['setBrief' => $setBrief, 'at' => $at + 1]) }}">Further →</a>
            @else
                <a class="button" href="{{ route('patterns', $setBrief) }}">To the whole of it</a>
            @endif
        </nav>
    </div>
    <script type="module" src="{{ Assets::url('js/projector.js') }}"></script>
</x-layout>
