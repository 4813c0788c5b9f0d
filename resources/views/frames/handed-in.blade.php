<div class="prepare">
    <div class="prepare-picture">
        <div class="surround">
            <div class="picture" style="--aspect: {{ $frame->width / max(1, $frame->height) }}">
                <img src="{{ route('frames.picture', $frame) }}" width="{{ $frame->width }}"
                    height="{{ $frame->height }}" alt="{{ $view->alt() }}" draggable="false">
                @if ($subject = $view->subject(null))
                    <div class="subject-mark" style="left: {{ $subject['x'] }}%; top: {{ $subject['y'] }}%; width: {{
                        $subject['width'] }}%; height: {{ $subject['height'] }}%"><span>subject</span></div>
                @endif
            </div>
        </div>
    </div>
    <div class="prepare-side">
        @if ($frame->about)
            <p><b>About:</b> {{ $frame->about }}</p>
        @endif
        @if ($frame->reason)
            <p><b>In your words:</b> {{ $frame->reason }}</p>
        @endif
        <x-record :rows="$view->record" />
    </div>
</div>
