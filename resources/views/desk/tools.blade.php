@use(App\Input\RegionInput)
{{-- What begins on the picture itself. --}}
<div class="picture-tools" role="group" aria-label="On the picture">
    <form method="post" action="{{ route('frames.subject', $view->frame) }}" data-drawn="subject" data-mark-goes
        hx-put="{{ route('frames.subject', $view->frame) }}" hx-target="#desk" hx-select="#desk" hx-swap="outerHTML"
        hx-trigger="drawn, submit">
        @csrf @method('put')
        <button type="button" data-draw="box" data-tool="k"
            data-says="Draw round what the picture is about.">Move the mark <kbd>k</kbd></button>
        @foreach (['x', 'y', 'width', 'height'] as $side)
            <input type="hidden" name="subject[{{ $side }}]" data-side="{{ $side }}">
        @endforeach
        <span class="fine" data-drawing-says aria-live="polite"></span>
    </form>
    @foreach ($view->otherSubjects() as $label => $region)
        <form method="post" action="{{ route('frames.subject', $view->frame) }}"
            hx-put="{{ route('frames.subject', $view->frame) }}" hx-target="#desk" hx-select="#desk"
            hx-swap="outerHTML">
            @csrf @method('put')
            @foreach (RegionInput::write($region) as $side => $percent)
                <input type="hidden" name="subject[{{ $side }}]" value="{{ $percent }}">
            @endforeach
            <button>{{ $label }}</button>
        </form>
    @endforeach
    @if ($view->frame->student_subject)
        <form method="post" action="{{ route('frames.subject', $view->frame) }}"
            hx-put="{{ route('frames.subject', $view->frame) }}" hx-target="#desk" hx-select="#desk"
            hx-swap="outerHTML">
            @csrf @method('put')
            <button>The student’s mark again</button>
        </form>
    @endif
    @foreach (['arrow' => 'Arrow', 'line' => 'Line', 'outline' => 'Outline'] as $shape => $label)
        <button type="button" data-point="{{ $shape }}">{{ $label }}</button>
    @endforeach
    @foreach (['crop' => 'Crop', 'level' => 'Straighten', 'exposure' => 'Lighter, darker'] as $what => $label)
        <button type="button" data-try="{{ $what }}">{{ $label }}</button>
    @endforeach
</div>
