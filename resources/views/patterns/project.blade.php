@use(App\View\Assets)
<x-layout :title="$brief->words->title" :course="$setBrief->course" wide>
    <div @class(['projector', 'on-the-wall' => $slide->wall]) data-projector
        data-at="{{ $at }}" data-remote="{{ route('patterns.wall', $setBrief) }}">
        @if ($slide->wall)
            <figure class="wall">
                <div class="wall-picture"
                    style="--aspect: {{ $slide->wall->frame->width / max(1, $slide->wall->frame->height) }}">
                    <img src="{{ route('frames.picture', $slide->wall->frame) }}"
                        alt="A frame that its owner shows to the class: {{ $slide->wall->settings }}">
                    @if ($crop = $slide->wall->crop)
                        <div class="wall-crop" data-on="crop" hidden
                            style="left: {{ 100 * $crop['x'] }}%; top: {{ 100 * $crop['y'] }}%; width: {{ 100
                            * $crop['width'] }}%; height: {{ 100 * $crop['height'] }}%"></div>
                    @endif
                </div>
                <figcaption>
                    <h1 class="visually-hidden">{{ $slide->title }}</h1>
                    <div data-on="findings" hidden>
                        @foreach ($slide->wall->findings as $sentence)
                            <p>{{ $sentence }}</p>
                        @endforeach
                    </div>
                    <div data-on="numbers" hidden>
                        <p><b>{{ $slide->wall->settings }}</b></p>
                        <ul>
                            @foreach ($slide->wall->checks() as $check)
                                <li class="check-{{ $check->verdict->value }}"><b class="verdict">{{
                                    $check->verdict->label() }}</b> {{ $check->sentence }}{{ $check->missing ? ''
                                    : ': ' . $check->value }}</li>
                            @endforeach
                        </ul>
                    </div>
                </figcaption>
            </figure>
        @else
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
        @endif
        <nav class="slide-steps no-print" aria-label="Steps">
            @if ($at > 1)
                <a class="button" rel="prev"
                    href="{{ route('patterns.project', ['setBrief' => $setBrief, 'at' => $at - 1]) }}">← Back</a>
            @endif
            <span class="fine">{{ $at }} of {{ $count }}</span>
            @if ($slide->wall)
                @foreach (['findings' => 'Findings', 'numbers' => 'Numbers', 'crop' => 'Crop'] as $what => $label)
                    @if ($what !== 'crop' || $slide->wall->crop)
                        <button type="button" data-turns="{{ $what }}" aria-pressed="false">{{ $label }} <kbd>{{
                            $what[0] }}</kbd></button>
                    @endif
                @endforeach
            @endif
            <a class="fine" href="{{ route('patterns.remote', $setBrief) }}" target="_blank" rel="noopener">a phone as
                remote</a>
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
