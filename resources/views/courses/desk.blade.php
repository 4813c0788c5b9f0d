<x-layout title="Waiting at the desk" :course="$course">
    <p class="eyebrow"><a href="{{ route('courses.show', $course) }}">{{ $course->name }}</a></p>
    <h1>Waiting at the desk <span class="fine">{{ $count }} {{ $count === 1 ? 'attempt' : 'attempts' }}</span>
    </h1>
    <form method="get" action="{{ route('courses.desk', $course) }}" class="inline-form desk-filter"><label
            for="brief">Brief</label>
        <select id="brief" name="brief">
            <option value="">all</option>
            @foreach ($briefs as $one)
                @if ($one->attempts->waiting + $one->attempts->atDesk > 0)
                    <option value="{{ $one->setBrief }}" @selected($brief === $one->setBrief)>{{ $one->number }}
                        {{ $one->title }}: {{ $one->attempts->waiting + $one->attempts->atDesk }}</option>
                @endif
            @endforeach
        </select>
        <button>Show</button>
    </form>
    @if ($waiting === [])
        <div class="sheet">
            <p>Nothing waits for you{{ $brief ? ' in this brief' : '' }}.</p>
        </div>
    @else
        <p><a class="button primary" href="{{ route('desk.show', $waiting[0]['attempt']) }}">Begin with the longest
                waiting</a></p>
        <x-waiting-sheet :waiting="$waiting" :facts="$facts" :course="$course" />
        <x-pages :page="$page" :pages="$pages"
            :route="route('courses.desk', array_filter(['course' => $course->id, 'brief' => $brief]))" />
    @endif
</x-layout>
