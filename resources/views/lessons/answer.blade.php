{{-- Before a try there is no answer. --}}
@if ($isAnswer)
    <p>{{ $lesson->task->answer }}</p>
    <p><a href="{{ route('lessons.show', $lesson->id) }}">Put it back</a></p>
@elseif ($isTried)
    <p><a class="button" href="{{ route('lessons.show', [$lesson->id, ...$lesson->task->set, 'answer' => 1]) }}">Show
            the answer</a> <a href="{{ route('lessons.show', $lesson->id) }}">Put it back</a></p>
@else
    <p class="fine">Move something: then you can look at the answer.</p>
@endif
