<x-layout title="A pack of briefs" :course="$course">
    <p class="eyebrow"><a href="{{ route('set-briefs.create', $course) }}">Briefs</a></p>
    <h1>{{ $title }} <span class="fine">{{ count($briefs) }} {{ count($briefs) === 1 ? 'brief' : 'briefs' }},
            nothing kept yet</span></h1>
    <form method="post" action="{{ route('pack.store', $course) }}" data-once>@csrf
        @foreach ($briefs as $brief)
            <article class="sheet">
                <h2><label class="choice"><input type="checkbox" name="brief[]" value="{{ $brief->id }}"
                            @checked(!in_array($brief->id, $there, true)) @disabled(in_array($brief->id, $there, true))>
                                <span><span
                                class="number">{{ $brief->number }}</span>
                                {{ $brief->words->title }}</span></label></h2>
                @if (in_array($brief->id, $there, true))
                    <p class="word">You have a brief called "{{ $brief->id }}" already. It stays as it is; this one
                        is left alone.</p>
                @endif
                <details>
                    <summary>What is in it</summary><x-brief :brief="$brief" />
                </details>
            </article>
        @endforeach
        <button class="primary" @disabled(count($there) === count($briefs))>Save what is ticked</button> <a
            class="button"
            href="{{ route('set-briefs.create', $course) }}">Leave it</a>
    </form>
</x-layout>
