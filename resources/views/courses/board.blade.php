@use(App\Courses\CourseBoard)
<x-layout title="Board" :course="$course" wide>
    <div class="sheet-head">
        <h1>The board <span class="fine">{{ $count }} {{ $count === 1 ? 'student' : 'students' }}</span></h1>
        <nav aria-label="Shown" class="switch">
            @foreach (CourseBoard::SHOWN as $value => $label)
                <a href="{{ route('courses.board', array_filter(['course' => $course->id, 'shown' => $value,
                    'as' => $asResults ? 'results' : null])) }}"
                    @if ($shown === $value) aria-current="true" @endif>{{ $label }}</a>
            @endforeach
        </nav>
        <nav aria-label="Each cell says" class="switch">
            @foreach (['' => 'where it is', 'results' => 'how it came out'] as $as => $label)
                <a href="{{ route('courses.board', array_filter(['course' => $course->id, 'shown' => $shown,
                    'as' => $as])) }}" @if ($asResults === ($as !== '')) aria-current="true" @endif>{{ $label }}</a>
            @endforeach
        </nav>
    </div>
    @if ($board->briefs() === [])
        <div class="sheet">
            <p>No brief is set yet, so nobody can be waiting.</p>
        </div>
    @elseif ($people === [])
        <div class="sheet">
            <p>{{ ['all' => 'Nobody has joined yet.', 'waiting' => 'Nobody waits for you.',
                'behind' => 'Nobody is behind.'][$shown] }}
            </p>
        </div>
    @else
        <div class="board-scroll" tabindex="0" role="region" aria-label="Students and briefs">
            <table @class(['board', 'board-results' => $asResults])>
                <thead>
                    <tr>
                        <th scope="col">Student</th>
                        @foreach ($board->briefs() as $brief)
                            <th scope="col"><a href="{{ route('set-briefs.show', $brief->setBrief) }}"
                                    class="board-title">{{ $brief->title }}</a>
                                @if ($brief->dates->dueAt)
                                    <span class="fine">due {{ $course->formatDay($brief->dates->dueAt) }}</span>
                                @endif
                            </th>
                        @endforeach
                    </tr>
                    <tr class="board-sums">
                        <th scope="row">handed in; waiting for you</th>
                        @foreach ($board->briefs() as $brief)
                            <td>{{ $brief->attempts->handedIn }} of {{ $brief->students }}@if ($brief->attempts->waiting
                                )<b>;
                                        {{ $brief->attempts->waiting }}
                                        {{ $brief->attempts->waiting === 1 ? 'waits' : 'wait' }}</b>@endif
                            </td>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($people as $person)
                        <tr>
                            <th scope="row">
                                @if ($teaches)
                                    <a
                                        href="/courses/{{ $course->id }}/members/{{ $person['id'] }}/skills">{{
                                        $person['name'] }}</a>@else{{ $person['name'] }}
                                @endif
                            </th>
                            <x-board-row :cells="$board->row($person, $extensions)" :course="$course"
                                :asResults="$asResults" />
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        @if ($asResults)
            <p class="fine board-legend"><span class="cell cell-met"></span> met <span class="cell cell-close"></span>
                close <span class="cell cell-missed"></span> missed <span class="cell cell-unknown"></span> cannot be
                told</p>
        @endif
        <p class="fine">Each cell is a student's latest attempt. Whoever has waited longest for you stands first.</p>
        <x-pages :page="$page" :pages="$pages"
            :route="route('courses.board', array_filter(['course' => $course->id, 'shown' => $shown,
            'as' => $asResults ? 'results' : null]))"
            />
    @endif
</x-layout>
