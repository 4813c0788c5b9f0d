@use(App\Models\AttemptState)
@use(TruePupil\Core\Drill\DrillKind)
<x-layout :title="'Skills: ' . $record->student->name" :course="$course" wide>
    <p class="eyebrow"><a href="{{ route('courses.show', $course) }}">{{ $course->name }}</a></p>
    <div class="title-row">
        <h1>{{ $isOwn ? 'Your way through the course' : $record->student->name }}</h1>
        @unless ($isOwn)
            <a class="button" href="{{ route('skills.points', [$course, $record->student]) }}">Points as CSV</a>
            @if ($course->marking->parts())
                <a class="button" href="{{ route('marks.student', [$course, $record->student]) }}">Marks as CSV</a>
            @endif
        @endunless
    </div>
    <p class="fine">Topic by topic, attempt by attempt: what weighed most of what was said. No grade is made of it.</p>
    @if ($isOwn)
        <x-going-back :course="$course" />
    @endif
    @if ($record->attempts->isEmpty())
        <div class="sheet">
            <p>{{ $isOwn ? 'Nothing has come back yet. The first return begins this page.'
                : 'Nothing is handed in yet.' }}
            </p>
        </div>
    @else
        <div class="board-scroll" tabindex="0" role="region" aria-label="Topics and attempts">
            <table class="board skills">
                <thead>
                    <tr>
                        <th scope="col">Topic</th>
                        @foreach ($record->attempts as $attempt)
                            <th scope="col"><a
                                    href="{{ $attempt->state === AttemptState::Returned
                                    ? route('attempts.return', $attempt) : route('desk.show', $attempt) }}"><span
                                        class="board-title">{{ $attempt->setBrief->brief['title'] }}</span> <span
                                        class="fine">attempt {{ $attempt->number }},
                                        {{ $course->formatDay($attempt->handed_in_at) }}</span></a>
                            </th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($record->topics() as $topic)
                        <tr>
                            <th scope="row">{{ $topic->label() }}</th>
                            @foreach ($record->attempts as $attempt)
                                @if ($point = $record->point($attempt, $topic))
                                    <td class="skill-{{ $point->severity->value }}">
                                        <details>
                                            <summary>{{ $point->severity->label() }}</summary>
                                            <ul>
                                                @foreach ($point->sentences as $sentence)
                                                    <li>{{ $sentence }}</li>
                                                @endforeach
                                            </ul>
                                        </details>
                                </td>@else<td class="board-none">–</td>
                                @endif
                            @endforeach
                        </tr>
                    @endforeach
                    <tr>
                        <th scope="row">Checks met</th>
                        @foreach ($record->attempts as $attempt)
                            <td>{{ $record->checks($attempt)->progress() ?: '–' }}</td>
                        @endforeach
                    </tr>
                </tbody>
            </table>
        </div>
    @endif
    @if ($record->drills())
        <section class="sheet" aria-labelledby="drilled">
            <h2 id="drilled">Drills</h2>
            <table class="ledger-table">
                <thead>
                    <tr>
                        <th scope="col">Kind</th>
                        <th scope="col" class="num">Right</th>
                        <th scope="col" class="num">Answered</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($record->drills() as $kind => $count)
                        <tr>
                            <th scope="row">{{ DrillKind::tryFrom($kind)?->label() ?? $kind }}</th>
                            <td class="num">{{ $count['right'] }}</td>
                            <td class="num">{{ $count['all'] }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endif
</x-layout>
