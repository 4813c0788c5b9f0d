<x-layout title="Revisions" :course="$course">
    <p class="eyebrow"><a href="{{ route('set-briefs.create', $course) }}">Briefs</a></p>
    <h1>{{ $latest->words->title }} <span class="fine">{{ $briefs->count() }}
            {{ $briefs->count() === 1 ? 'revision' : 'revisions' }}</span></h1>
    @foreach ($briefs as $index => $brief)
        <details class="sheet" @if ($index === 0) open @endif>
            <summary><b>Revision {{ $brief->revision }}</b> <span class="fine">kept
                    {{ $course->formatMoment($revisions[$index]->created_at) }}</span></summary><x-brief :brief="$brief"
                        />
        </details>
    @endforeach
</x-layout>
