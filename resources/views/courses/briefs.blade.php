<x-layout title="Briefs" :course="$course">
    <div class="sheet-head">
        <h1>Briefs <span class="fine">{{ $isArranged ? 'in your order' : 'by date' }}</span></h1>
        @if ($isArranged)
            <form method="post" action="{{ route('courses.by-dates', $course) }}" data-once>@csrf<button>Order by
                    date</button></form>
        @endif
        <a class="button" href="{{ route('composer', $course) }}">Compose one</a>
        <a class="button primary" href="{{ route('set-briefs.create', $course) }}">Set a brief</a>
    </div>
    @if ($briefs)
        <ol class="brief-list">
            @foreach ($briefs as $brief)
                <x-brief-line :brief="$brief" :course="$course" arranges />
            @endforeach
        </ol>
    @else
        <div class="sheet">
            <p>No brief is set yet. The library has some for every evening; your own stand beside them.</p>
        </div>
    @endif
</x-layout>
