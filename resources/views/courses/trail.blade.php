<x-layout :title="'Trail · ' . $course->name" :course="$course">
    <p class="eyebrow"><a href="{{ route('courses.show', $course) }}">{{ $course->name }}</a></p>
    <h1>Trail</h1>
    <p class="lead-text">Who did what in this course. It is kept as long as the course.</p>
    <div class="drills-scroll" tabindex="0" role="region" aria-label="Trail">
        <table class="ledger-table">
            <thead>
                <tr>
                    <th scope="col">When</th>
                    <th scope="col">Who</th>
                    <th scope="col">Did what</th>
                </tr>
            </thead>
            <tbody>
                @forelse ($entries as $entry)
                    <tr>
                        <td>{{ $course->formatHour($entry->created_at) }}</td>
                        <th scope="row">{{ $entry->causer?->name ?? ($entry->causer_id === null
                            ? 'the operator, or somebody who has left' : 'somebody who has left') }}</th>
                        <td>{{ $entry->description }}
                            @if (isset($entry->properties['whom']))
                                <span>({{ $names[$entry->properties['whom']] ?? 'somebody who has left' }})</span>
                            @endif
                            @if (isset($entry->properties['what']))
                                <span class="fine">{{ $entry->properties['what'] }}</span>
                            @endif
                        </td>
                    </tr>
                @empty
                    <tr>
                        <td colspan="3">Nothing yet.</td>
                    </tr>
                @endforelse
            </tbody>
        </table>
    </div>
    <x-pages :page="$entries->currentPage()" :pages="$entries->lastPage()" :route="route('courses.trail', $course)" />
</x-layout>
