@props(['view', 'marked' => true, 'overlays' => null, 'notes' => [], 'group' => null])
<div class="zoomable" data-zoom @if ($group) data-zoom-group="{{ $group }}" @endif
    data-whole="{{ route('frames.whole', $view->frame) }}">
    <div class="surround">
        <div class="picture" style="--aspect: {{ ($view->frame->width ?? 3) / max(1, $view->frame->height ?? 2) }}">
            <img src="{{ route('frames.picture', $view->frame) }}" width="{{ $view->frame->width }}"
                height="{{ $view->frame->height }}"
                alt="{{ $view->alt() }}">
            @if ($overlays)
                <x-overlays :overlays="$overlays" :id="'over-' . $view->frame->id" />
            @endif
            @if ($notes)
                <div id="pointings-{{ $view->frame->id }}"><x-pointings :notes="$notes" :frame="$view->frame" /></div>
            @endif
            @foreach ($notes as $note)
                @if ($note->region)
                    <div class="place-mark place-{{ $note->kind->value }}"
                        style="left: {{ 100 * $note->region->x }}%; top: {{ 100 * $note->region->y }}%; width: {{ 100 *
                        $note->region->width }}%; height: {{ 100 * $note->region->height }}%">
                        <span>{{ $view->frame->noteNumbers()[$note->id] ?? '' }} {{ $note->kind->label()
                            }}</span></div>
                @endif
            @endforeach
            @if ($marked && $view->frame->student_subject)
                <div class="subject-mark subject-before"
                    style="left: {{ $view->frame->student_subject->x * 100 }}%; top: {{
                    $view->frame->student_subject->y * 100 }}%; width: {{ $view->frame->student_subject->width * 100
                    }}%; height: {{ $view->frame->student_subject->height * 100 }}%">
                    <span>as it was marked</span></div>
            @endif
            @if ($marked && $view->frame->subject)
                <div class="subject-mark"
                    style="left: {{ $view->frame->subject->x * 100 }}%; top: {{ $view->frame->subject->y * 100
                    }}%; width: {{ $view->frame->subject->width * 100 }}%; height: {{ $view->frame->subject->height *
                    100 }}%">
                    <span>subject</span></div>
                @if ($shape = $view->frame->measures?->subject?->shape)
                    <x-subject-outline :shape="$shape" />
                @endif
            @endif
        </div>
    </div>
    {{ $slot }}
    <div class="zoom" role="group" aria-label="How close the picture is seen; arrow keys move it"><button
            type="button" data-closer>Closer</button><button type="button" data-farther disabled>Farther</button>
    </div>
</div>
