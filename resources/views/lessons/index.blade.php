<x-layout title="Lessons" wide>
    <div class="sheet-head">
        <h1>Lessons</h1>
        <a href="{{ route('words') }}">Words of the trade</a>
    </div>
    <p class="lead-text">One idea each, five minutes, with a picture that answers.</p>
    <ol class="shelf-row lesson-list">
        @foreach ($lessons as $lesson)
            <li class="shelf-brief"><a href="{{ route('lessons.show', $lesson->id) }}"><span class="shelf-picture"><img
                            src="/scenes/{{ $lesson->scene }}.jpg" alt="" loading="lazy"></span><b
                        class="shelf-title">{{ $loop->iteration }} · {{ $lesson->title }}</b>
                    @if (in_array($lesson->id, $read, true))
                        <span class="fine lesson-read">read</span>
                    @endif
                </a></li>
        @endforeach
    </ol>
</x-layout>
