<x-layout title="Courses">
    <div class="title-row">
        <h1>Courses</h1>@if ($mayStart)
            <a class="button" href="{{ route('start') }}">Start a course</a>
        @endif
    </div>
    @forelse ($courses as $course)
        <p class="sheet"><a href="{{ route('courses.show', $course) }}">{{ $course->name }}</a> <span
                class="fine">{{ $course->place }}</span></p>
    @empty
        <div class="sheet">
            <p>You are in no course yet.</p>
            <p><a class="button primary" href="{{ route('join') }}">Join a course with its code</a></p>
        </div>
    @endforelse
</x-layout>
