<x-layout :title="$student->name . ' · Drills'" :course="$course">
    <p class="eyebrow"><a href="{{ route('courses.drills', $course) }}">Drills of {{ $course->name }}</a></p>
    <h1>{{ $student->name }}</h1>
    <table class="ledger-table drills-table sheet">
        <thead>
            <tr>
                <th scope="col">When</th>
                <th scope="col">Drill</th>
                <th scope="col" class="num">Level</th>
                <th scope="col">Answer</th>
                <th scope="col">Verdict</th>
                <th scope="col"><span class="visually-hidden">The question</span></th>
            </tr>
        </thead>
        <tbody>
            @forelse ($answers as $answer)
                <tr>
                    <td class="fine">{{ $answer->created_at->format('j M, H:i') }}</td>
                    <th scope="row">{{ $answer->kind->label() }}</th>
                    <td class="num">{{ $answer->level }}</td>
                    <td>{{ $answer->answer }}</td>
                    <td>{{ $answer->is_right ? 'right' : 'missed' }}</td>
                    <td><a
                            href="{{ route('drills.show',
                            ['kind' => $answer->kind, 'scene' => $answer->scene, 'level' => $answer->level,
                            'seed' => $answer->seed]) }}">the
                            question</a></td>
                </tr>
            @empty
                <tr>
                    <td colspan="6">Nothing answered yet.</td>
                </tr>
            @endforelse
        </tbody>
    </table>
</x-layout>
