@use(App\Courses\CourseBoard)
<x-layout title="Board" :course="$course" wide>
    <p class="eyebrow"><a href="{{ route('courses.show', $course) }}">{{ $course->name }}</a></p>
    <div class="title-row">
        <h1>The board <span class="fine">{{ $count }} {{ $count === 1 ? 'student' : 'students' }}</span></h1>
        <nav aria-label="Shown" class="board-shown">
            @foreach (CourseBoard::SHOWN as $value => $label)
                <a href="{{ route('courses.board', ['course' => $course, 'shown' => $value]) }}"
                    @if ($shown === $value) aria-current="page" @endif>{{ $label }}</a>
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
            <table class="board">
                <thead>
                    <tr>
                        <th scope="col">Student</th>
                        @foreach ($board->briefs() as $brief)
                            <th scope="col"><a href="{{ route('set-briefs.show', $brief->setBrief) }}"
                                    title="{{ $brief->title }}"><span class="board-number">{{ $brief->number }}</span>
                                    <span class="board-title">{{ $brief->title }}</span></a></th>
                        @endforeach
                    </tr>
                    <tr class="board-sums">
                        <th scope="row">handed in, waiting</th>
                        @foreach ($board->briefs() as $brief)
                            <td>{{ $brief->attempts->handedIn }}{{ $brief->attempts->waiting ? ', '
                                : '' }}@if ($brief->attempts->waiting)<b>{{ $brief->attempts->waiting }}</b>@endif
                                @if ($brief->attempts->oldest)
                                        <br><span class="fine">since
                                            {{ $course->formatDay($brief->attempts->oldest) }}</span>
                                    @endif
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
                            @foreach ($board->briefs() as $at => $brief)
                                @if (($cell = $person['cells'][$brief->setBrief] ?? null) === null)
                                <td @class(['board-none', 'overdue' => $brief->isOverdue()])>{{ $brief->isOverdue()
                                    ? 'missing' : '–' }}</td>@else<td
                                        class="board-{{ $cell->state->value }}">
                                        @if ($cell->state->value === 'draft')
                                        <span>{{ $cell->number > 1 ? $cell->number . ' ' : '' }}prepares</span>@else<a
                                                href="{{ $cell->state->value === 'returned' ? '/attempts/'
                                                . $cell->attempt . '/return' : '/desk/'
                                                . $cell->attempt }}">{{ $cell->number > 1 ? $cell->number . ' '
                                                : '' }}{{ $cell->state->label() }}</a>
                                        @endif
                                        <br>
                                        <span class="fine">{{ $cell->since->format('j M') }}</span>
                                    </td>
                                @endif
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <p class="fine">A number before the word is the attempt. Whoever has waited longest stands first. Dates say
            since when.</p>
        <x-pages :page="$page" :pages="$pages" :route="route('courses.board', ['course' => $course, 'shown' => $shown])"
            />
    @endif
</x-layout>
