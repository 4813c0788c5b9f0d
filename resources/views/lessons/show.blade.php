<x-layout :title="$lesson->title" wide>
    <p class="eyebrow no-print"><a href="{{ route('lessons') }}">Lessons</a></p>
    <div class="sheet-head">
        <h1>{{ $lesson->title }}</h1>
        <button type="button" class="no-print" data-print>Print</button>
    </div>
    <div class="lesson">
        <div class="lesson-live">
            <div id="look">@include('lessons.look')</div>
            <form method="get" action="{{ route('lessons.show', $lesson->id) }}" class="lesson-controls no-print"
                hx-get="{{ route('lessons.show', $lesson->id) }}" hx-trigger="change" hx-target="#look"
                hx-sync="this:replace">
                @foreach ($lesson->controls as $control)
                    <fieldset class="mode-dial">
                        <legend>{{ $control['label'] }}</legend>
                        @foreach ($control['values'] as $at => $value)
                            <label><input type="radio" name="{{ $control['field'] }}" value="{{ $value }}"
                                    @checked($set[$control['field']] === $value)> <span>{{ $control['words'][$at]
                                    ?? App\View\Presenters\FinderDials::words($control['field'], $value)
                                    }}</span></label>
                        @endforeach
                    </fieldset>
                @endforeach
                <noscript><button>Look</button></noscript>
            </form>
        </div>
        <div class="lesson-text">
            @foreach ($lesson->text as $paragraph)
                <p class="lead-text"><x-words :of="$paragraph" /></p>
            @endforeach
            <p class="word"><b>Try it.</b> {{ $lesson->try }}</p>
            <p class="button-row no-print">
                <a class="button"
                    href="{{ route('practice.show', ['scene' => $lesson->scene, ...$lesson->set]) }}">Take the camera
                    yourself</a>
                @if ($after)
                    <a class="button primary" href="{{ route('lessons.show', $after->id) }}">Next:
                        {{ $after->title }}</a>
                @endif
            </p>
        </div>
    </div>
</x-layout>
