<x-layout title="Set a brief" :course="$course">
    <h1>Set a brief</h1>
    @foreach ($briefs as $brief)
        <article class="sheet">
            <h2><span class="number">{{ $brief->number }}</span> {{ $brief->title }}</h2>
            <x-brief :brief="$brief"/>
            @if (in_array($brief->id, $set, true))
                <p class="word word-done">This brief is set to the course already.</p>
            @else
                <form method="post" action="{{ route('set-briefs.store', $course) }}" class="inline-form" data-once>
                    @csrf
                    <input type="hidden" name="brief" value="{{ $brief->id }}">
                    <label for="due-{{ $brief->id }}">Due, in the time of {{ $course->timezone }} <span class="fine">optional</span></label>
                    <input id="due-{{ $brief->id }}" type="datetime-local" name="due_at" value="{{ old('due_at') }}">
                    <button class="primary">Set this brief</button>
                </form>
            @endif
        </article>
    @endforeach
</x-layout>
