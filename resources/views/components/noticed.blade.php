@props(['finding'])
<article class="finding finding-{{ $finding->severity()->value }}" {{ $finding->patch() }}>
    <p class="finding-head"><span class="severity">{{ $finding->severity()->label() }}</span> <span
            class="fine">{{ $finding->topic()->label() }}</span><x-where :finding="$finding" /></p>
    <p><x-words :of="$finding->found()->sentence" /></p>
    <details>
        <summary>Evidence</summary><x-evidence :finding="$finding->found()" />
        @if ($lesson = App\Practice\Lesson::forTopic($finding->topic()->value))
            <p class="fine"><a href="{{ route('lessons.show', $lesson->id) }}">Lesson: {{ $lesson->title }}</a></p>
        @endif
    </details>
</article>
