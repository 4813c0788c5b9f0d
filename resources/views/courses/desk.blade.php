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
        <div class="board-scroll" tabindex="0" role="region" aria-label="Attempts that wait">
            <table class="ledger-table">
                <thead>
                    <tr>
                        <th scope="col">Student</th>
                        <th scope="col">Brief</th>
                        <th scope="col">Since</th>
                        <th scope="col" class="num">Frames</th>
                        <th scope="col">Checks</th>
                        <th scope="col"><span class="visually-hidden">Open</span></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($waiting as $one)
                        <tr>
                            <th scope="row">{{ $one['student'] }} @if ($one['number'] > 1)
                                    <span class="fine">attempt {{ $one['number'] }}</span>
                                @endif
                                @if ($facts[$one['attempt']]['left'])
                                    <span class="overdue">has left the course</span>
                                @endif
                            </th>
                            <td>{{ $one['brief'] }} @if ($one['state']->value === 'at-desk')
                                    <span class="state state-at-desk">opened</span>
                                @endif
                            </td>
                            <td class="fine">
                                {{ $course->formatHour($one['since']) }}</td>
                            <td class="num">{{ $facts[$one['attempt']]['frames'] }}</td>
                            <td>{{ $facts[$one['attempt']]['missed'] }}
                                missed{{ $facts[$one['attempt']]['unknown'] ? ', ' . $facts[$one['attempt']]['unknown']
                                    . ' open' : '' }} @if ($facts[$one['attempt']]['shared'])
                                    <span class="overdue">same file as somebody else's</span>
                                @endif
                            </td>
                            <td><a href="{{ route('desk.show', $one['attempt']) }}">To the desk</a></td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <x-pages :page="$page" :pages="$pages"
            :route="route('courses.desk', array_filter(['course' => $course->id, 'brief' => $brief]))" />
    @endif
</x-layout>
