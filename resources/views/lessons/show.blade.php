@use(App\Practice\Lesson)
<x-layout :title="$lesson->title" wide>
    <div class="sheet-head lesson-head">
        <h1>{{ $lesson->title }}</h1>
        <nav class="lesson-progress no-print" aria-label="Lessons">
            @foreach (Lesson::all() as $one)
                <a href="{{ route('lessons.show', $one->id) }}" title="{{ $one->title }}{{
                    in_array($one->id, $read, true) ? ', read' : '' }}"
                    @class(['is-read' => in_array($one->id, $read, true)])
                    @if ($one->id === $lesson->id) aria-current="page" @endif><span
                        class="visually-hidden">{{ $one->title }}{{ in_array($one->id, $read, true) ? ', read'
                        : '' }}</span></a>
            @endforeach
            <a class="lesson-all" href="{{ route('lessons') }}">lesson {{ $lesson->number() }} of
                {{ count(Lesson::all()) }}</a>
        </nav>
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
            <p class="lead-text lesson-idea"><x-words :of="$lesson->text[0]" /></p>
            <div class="word lesson-task"><p><b>Try it.</b> {{ $lesson->task->try }}</p>
                <div id="lesson-answer" class="lesson-answer" role="status">@include('lessons.answer')</div>
            </div>
            <div id="lesson-shows" class="lesson-shows">@include('lessons.shows')</div>
            <details class="lesson-more" data-open-in-print>
                <summary>More about it</summary>
                @foreach (array_slice($lesson->text, 1) as $paragraph)
                    <p><x-words :of="$paragraph" /></p>
                @endforeach
            </details>
            <p class="button-row no-print">
                @if ($after = $lesson->next())
                    <a class="button primary" href="{{ route('lessons.show', $after->id) }}">Next:
                        {{ $after->title }}</a>
                @endif
                <a href="{{ route('practice.show', ['scene' => $lesson->scene, ...$lesson->set]) }}">Take the camera
                    yourself</a>
                <button type="button" class="plain" data-print>Print</button>
            </p>
        </div>
    </div>
</x-layout>
