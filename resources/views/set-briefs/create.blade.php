<x-layout title="Set a brief" :course="$course">
    <div class="title-row">
        <h1>Set a brief</h1><a class="button" href="{{ route('composer', $course) }}">Compose one of your own</a>
    </div>
    <p class="fine">In teaching order. Open one to read it; it is set to the whole course, and stays as it is then.</p>
    @foreach ($briefs as $brief)
        <details class="sheet brief-fold" @if ($errors->any() && old('brief') === $brief->id) open @endif>
            <summary>
                <h2><span class="number">{{ $brief->number }}</span> {{ $brief->words->title }}</h2>
                <span class="fine">{{ $brief->most() === 1 ? 'one frame' : $brief->frames->least . ' frames' }} ·
                    {{ count($brief->checks) }}
                    checks{{ in_array($brief->id, $own, true) ? ' · your own, revision ' . $brief->revision
                        : '' }}</span>
                @if ((($set[$brief->id] ?? 0) >= $brief->revision))
                    <span class="state state-returned">set</span>
                @endif
            </summary>
            <x-brief :brief="$brief" />
            @if ((($set[$brief->id] ?? 0) >= $brief->revision))
                <p class="word word-done">This brief is set to the course already.</p>
            @else
                @isset($set[$brief->id])
                    <p class="word">Revision {{ $set[$brief->id] }} is set and stays as it is. This newer one would be
                        set
                        beside it.</p>
                @endisset
                <form method="post" action="{{ route('set-briefs.store', $course) }}" class="inline-form" data-once>
                    @csrf
                    <input type="hidden" name="brief" value="{{ $brief->id }}">
                    <label for="due-{{ $brief->id }}">Due, in the time of {{ $course->timezone }} <span
                            class="fine">optional</span></label>
                    <input id="due-{{ $brief->id }}" type="datetime-local" name="due_at"
                        value="{{ old('due_at') }}">
                    <button class="primary">Set this brief</button>
                </form>
            @endif
            <p class="brief-tools"><a
                    href="{{ route('composer', ['course' => $course, 'from' => $brief->id]) }}">{{
                    in_array($brief->id, $own, true) ? 'Change it' : 'Make it your own' }}</a>
                @if (in_array($brief->id, $own, true))
                    <a href="{{ route('composer.revisions', [$course, $brief->id]) }}">Revisions</a>
                @endif
                <a href="{{ route('pack.export', ['course' => $course, 'brief' => [$brief->id]]) }}">As a pack file</a>
            </p>
        </details>
    @endforeach
    <section class="sheet" aria-labelledby="packs">
        <h2 id="packs">Packs of briefs</h2>
        <form method="post" action="{{ route('pack.preview', $course) }}" enctype="multipart/form-data">@csrf
            <label for="pack">Read in a pack <span class="fine">JSON; you see what is in it before anything is
                    kept</span></label>
            <input id="pack" type="file" name="pack" accept="application/json,.json" required>
            <button>Look into it</button>
        </form>
        <p class="brief-tools"><a
                href="{{ route('pack.export', ['course' => $course, 'brief' => array_column($briefs, 'id')]) }}">All
                briefs as a pack file</a></p>
    </section>
</x-layout>
