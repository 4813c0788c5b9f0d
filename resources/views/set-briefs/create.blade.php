<x-layout title="Set a brief" :course="$course" wide>
    <div class="sheet-head">
        <h1>Set a brief</h1><a class="button" href="{{ route('composer', $course) }}">Compose one of your own</a>
    </div>
    @foreach ($shelf->topics as $topic => $briefs)
        <section class="shelf" aria-label="{{ $topic }}">
            <h2>{{ $topic }}</h2>
            <div class="shelf-row">
                @foreach ($briefs as $one)
                    <details class="shelf-brief" name="shelf" id="shelf-{{ $one->brief->id }}"
                        @if ($errors->any() && old('brief') === $one->brief->id) open @endif>
                        <summary>
                            <span class="shelf-picture">@if ($one->picture())<img src="{{ $one->picture() }}" alt=""
                                    loading="lazy">@endif</span>
                            <b class="shelf-title">{{ $one->brief->words->title }}</b>
                            <span class="fine">{{ $one->takes() }}</span>
                            @if ($one->isSet())
                                <span class="fine"><b>set</b></span>
                            @endif
                            @if ($one->isOwn)
                                <span class="fine">yours, revision {{ $one->brief->revision }}</span>
                            @elseif ($one->sharedBy)
                                <span class="fine">by {{ $one->sharedBy }}</span>
                            @endif
                        </summary>
                        <div class="shelf-open sheet">
                            <x-brief :brief="$one->brief" :course="$course" />
                            @if ($one->isSet())
                                <p class="word word-done">This brief is set to the course already. <a
                                        href="{{ route('set-briefs.show', $one->setBrief) }}">Look at it</a></p>
                            @else
                                @if ($one->setBrief)
                                    <p class="word">Revision {{ $one->setRevision }} is set. <a
                                            href="{{ route('set-briefs.show', $one->setBrief) }}#running">Correct it</a>
                                        and this takes its place for whoever has not begun; or set it beside that
                                        one.</p>
                                @endif
                                <div class="brief-reach" hx-get="{{ route('set-briefs.reach', ['course' => $course,
                                    'brief' => $one->brief->id]) }}" hx-swap="outerHTML"
                                    hx-trigger="toggle from:closest details once"></div>
                                <form method="post" action="{{ route('set-briefs.store', $course) }}" data-once>
                                    @csrf
                                    <input type="hidden" name="brief" value="{{ $one->brief->id }}">
                                    <x-brief-dates :course="$course" :id="$one->brief->id" :due="null" :opens="null"
                                        :closes="null" :hidden="false" />
                                    <button class="primary">Set this brief</button>
                                </form>
                            @endif
                            <p class="brief-tools"><a
                                    href="{{ route('composer', ['course' => $course, 'from' => $one->brief->id]) }}">{{
                                    $one->isOwn ? 'Change it' : 'Make it your own' }}</a>
                                @if ($one->isOwn)
                                    <a href="{{ route('composer.revisions',
                                        [$course, $one->brief->id]) }}">Revisions</a>
                                @endif
                                <a href="{{ route('pack.export', ['course' => $course,
                                    'brief' => [$one->brief->id]]) }}">As a pack file</a>
                            </p>
                        </div>
                    </details>
                @endforeach
            </div>
        </section>
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
                href="{{ route('pack.export', ['course' => $course, 'brief' => $shelf->ids()]) }}">All
                briefs as a pack file</a></p>
    </section>
</x-layout>
