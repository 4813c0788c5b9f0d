@use(TruePupil\Core\Drill\DrillKind)
<x-layout :title="'Drills · ' . $course->name" :course="$course" wide>
    <p class="eyebrow"><a href="{{ route('courses.show', $course) }}">{{ $course->name }}</a></p>
    <h1>Where the class stands in the drills</h1>
    <p class="lead-text">Right answers of all that were asked, and the hardest level answered right. No grade: a small
        number says that somebody has begun.</p>
    <div class="drills-scroll" tabindex="0" role="region" aria-label="Drills by student">
        <table class="ledger-table drills-table sheet">
            <thead>
                <tr>
                    <th scope="col">Student</th>
                    @foreach (DrillKind::cases() as $kind)
                        <th scope="col" class="num">{{ $kind->label() }}</th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @forelse ($rows as $row)
                    <tr>
                        <th scope="row">
                            @if ($row['kinds'])
                                <a
                                    href="{{ route('courses.drills.evidence', [$course, $row['student']]) }}">{{
                                    $row['student']->name }}</a>@else{{ $row['student']->name }}
                            @endif
                        </th>
                        @foreach (DrillKind::cases() as $kind)
                            <td class="num">
                                @if (($row['kinds'][$kind->value] ?? null))
                                    {{ ($row['kinds'][$kind->value] ?? null)['right'] }} of
                                        {{ ($row['kinds'][$kind->value] ?? null)['asked'] }}
                                    <br><span
                                    class="fine">{{ ($row['kinds'][$kind->value] ?? null)['hardest'] ? 'level '
                                    . ($row['kinds'][$kind->value] ?? null)['hardest']
                                    : 'none right yet' }}</span>@else<span
                                        class="fine">–</span>
                                @endif
                            </td>
                        @endforeach
                    </tr>
                @empty
                    <tr>
                        <td colspan="{{ count(DrillKind::cases()) + 1 }}">No student has joined yet.</td>
                    </tr>
                @endforelse
            </tbody>
        </table>
    </div>
</x-layout>
