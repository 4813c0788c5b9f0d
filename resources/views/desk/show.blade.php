@use(App\Models\AttemptStep)
<x-layout :title="'Desk: ' . $attempt->user->name" :course="$attempt->setBrief->course" wide>
    {{-- From one attempt to the next only the desk is drawn anew. --}}
    @if ($nextFrame)
        <link rel="prefetch" as="image" href="{{ route('frames.picture', $nextFrame) }}">
    @endif
    <div class="desk" id="desk" data-desk data-attempt="{{ $attempt->id }}">
        @if ($opens)
            {{-- Opening is a request of its own, so that looking a page up ahead of time opens nothing. --}}
            <div hidden hx-post="{{ route('desk.open', $attempt) }}" hx-trigger="load" hx-swap="none"></div>
        @endif
        <div class="desk-stage">
            @foreach ($frames as $view)
                <section class="stage-frame" id="frame-{{ $view->frame->id }}" data-of="{{ $view->frame->id }}"
                    aria-label="{{ $view->frame->original_name }}">
                    <x-picture :view="$view" :overlays="$view->judgedOverlays()"
                        :notes="$readable[$view->frame->id]">
                        @if ($before = $previous->get($loop->index))
                            <figure class="stage-before" data-before hidden>
                                <img data-src="{{ route('frames.picture', $before->frame) }}"
                                    alt="The frame of attempt {{ $before->frame->attempt->number }}">
                                <figcaption>attempt {{ $before->frame->attempt->number }} ·
                                    {{ $before->frame->record()?->settings() ?? 'no settings recorded' }}</figcaption>
                            </figure>
                        @endif
                    </x-picture>
                    @if ($view->judgedOverlays())
                        <x-picture-views :view="$view" :overlays="$view->judgedOverlays()" />
                    @endif
                    @if ($decides)
                        @include('desk.tools')
                    @endif
                    <div class="desk-strip">
                        @if ($view->tones)
                            <x-tone-strip :tones="$view->tones" id="tones-{{ $view->frame->id }}" />
                        @endif
                        <p class="stage-readout"><b>{{ $view->frame->record()?->settings()
                                ?? 'no settings recorded' }}</b>
                            <span>{{ $view->readout() }}</span>
                            @if ($previous->get($loop->index))
                                <button type="button" class="plain" data-see-before aria-pressed="false">Attempt
                                    {{ $previous->get($loop->index)->frame->attempt->number }} <kbd>y</kbd></button>
                            @endif
                        </p>
                        @if ($view->pupil)
                            <x-pupil :pupil="$view->pupil" small />
                        @endif
                    </div>
                </section>
            @endforeach
            @if ($frames->count() > 1)
                <ol class="film" aria-label="Frames of the attempt">
                    @foreach ($frames as $view)
                        <li><button type="button" data-frame="{{ $view->frame->id }}"
                                aria-pressed="false"><img src="{{ route('frames.small', $view->frame) }}" alt=""
                                    loading="lazy"><span>{{ $loop->iteration }} <span
                                        class="visually-hidden">{{ $view->frame->original_name }}</span>
                                    {{ $view->frame->record()?->settings()?->time }}</span></button>
                            @unless ($loop->first)
                                <a href="{{ route('frames.compare', [$frames[0]->frame, $view->frame]) }}"
                                    class="film-beside">beside 1</a>
                            @endunless
                        </li>
                    @endforeach
                </ol>
            @endif
        </div>
        <div class="desk-panel">
            <header class="desk-head">
                <div>
                    <h1 tabindex="-1">{{ $attempt->user->name }}</h1>
                    <p class="eyebrow"><a
                            href="{{ route('set-briefs.show', $attempt->setBrief) }}">{{ $brief->words->title }}</a> ·
                        attempt {{ $attempt->number }} · <span
                            class="state state-{{ $shownState->value }}">{{ $shownState->label() }}</span></p>
                </div>
                <nav aria-label="Queue" class="queue">
                    @if ($position !== false)
                        <span class="fine">{{ $position + 1 }} of {{ $queue->count() }}</span>
                    @endif
                    @if ($earlier)
                        <a class="button" href="{{ route('desk.show', $earlier) }}"
                            hx-get="{{ route('desk.show', $earlier) }}" hx-target="#desk" hx-select="#desk"
                            hx-select-oob="#message" hx-swap="outerHTML" hx-push-url="true"
                            data-go="earlier"
                            aria-label="Earlier"><kbd>e</kbd></a>
                    @endif
                    @if ($next && $next !== $attempt->id)
                        <a class="button" href="{{ route('desk.show', $next) }}"
                            hx-get="{{ route('desk.show', $next) }}" hx-target="#desk" hx-select="#desk"
                            hx-select-oob="#message" hx-swap="outerHTML" hx-push-url="true" data-go="next"
                            aria-label="Next"><kbd>n</kbd></a>
                    @endif
                    <button type="button" class="plain" data-keys><kbd>?</kbd><span
                            class="visually-hidden">Keys</span></button>
                </nav>
            </header>
            {{-- Who else is at this attempt at the moment. --}}
            <div hx-post="{{ route('desk.here', $attempt) }}" hx-trigger="load delay:300ms, every {{
                App\Critique\DeskPresence::EVERY }}s" hx-swap="innerHTML" class="desk-others" data-quiet
                aria-live="polite"></div>
            @if ($attempt->correcting_since)
                <p class="desk-others">You are correcting a published return. Its student is told when you publish.</p>
            @endif
            <div class="desk-parts" role="group" aria-label="What is shown beside the picture">
                @foreach (['look' => 'Look', 'say' => 'Say', 'numbers' => 'Numbers'] as $part => $label)
                    <button type="button" data-part="{{ $part }}" aria-pressed="false">{{ $label }}</button>
                @endforeach
            </div>
            <div class="desk-scroll" tabindex="0" role="region" aria-label="Beside the picture" data-scroll>
                <div data-in="look">
                    @if ($attempt->reply)
                        <section class="sheet said">
                            <h2>{{ $attempt->user->name }} answered</h2>
                            <p>{!! nl2br(e($attempt->reply)) !!}</p>
                        </section>
                    @endif
                    <x-day-gaps :attempt="$attempt" :own="false" />
                    <x-best-frame :attempt="$attempt" />
                    @foreach ($rows as ['row' => $row, 'frames' => $rowFrames, 'checks' => $rowChecks])
                        @if ($row && ($strip = \App\View\Drawings\SeriesStrip::of($rowFrames, $row->kind)))
                            @if (count($rows) > 1)
                                <h2>{{ $row->label }}</h2>
                            @endif
                            <x-series :strip="$strip" :frames="$rowFrames" :checks="$rowChecks" :pictures="false" />
                        @endif
                    @endforeach
                </div>
                @foreach ($frames as $view)
                    <div data-of="{{ $view->frame->id }}">
                        @include('desk.look')
                        @include('desk.say')
                        @include('desk.numbers')
                    </div>
                @endforeach
                <div data-in="say">
                    @include('desk.message')
                </div>
            </div>
            @if ($decides)
                <footer class="desk-foot">
                    <button type="button" hx-post="{{ route('desk.accept-rest', $attempt) }}" hx-target="#desk"
                        hx-select="#desk" hx-swap="outerHTML" data-rest
                        @disabled($undecided === 0)>Accept the rest <kbd>A</kbd></button>
                    <button type="button" data-part-of="say" data-to="#summary">Write <kbd>t</kbd></button>
                    <span class="fine" data-goes-out aria-live="polite"
                        @if ($attempt->setBrief->course->sends_undecided) data-sends-undecided @endif></span>
                    <button class="primary" form="publish" hx-post="{{ route('desk.publish', $attempt) }}"
                        hx-include="#publish" hx-target="#desk" hx-select="#desk" hx-select-oob="#message"
                        hx-swap="outerHTML show:window:top" hx-push-url="true" hx-disabled-elt="this"
                        data-publish>{{ $attempt->correcting_since ? 'Publish the correction' : 'Publish' }}
                        <kbd>p</kbd></button>
                </footer>
                <dialog data-bare-dialog aria-labelledby="bare-title">
                    <h2 id="bare-title">Nothing of yours is in it</h2>
                    <p>No word from you and nothing decided: {{ $attempt->user->name }} would read the checks
                        alone.</p>
                    <p class="publish-row"><button type="button" class="primary" data-bare-publish>Publish it
                            so</button> <button type="button" data-bare-back>Back to the frame</button></p>
                </dialog>
            @endif
        </div>
        <dialog data-keys-dialog aria-labelledby="keys-title">
            <h2 id="keys-title">Keys at the desk</h2>
            <dl class="keys">
                <dt><kbd>↓</kbd> <kbd>↑</kbd></dt>
                <dd>the next finding, the one before</dd>
                <dt><kbd>a</kbd></dt>
                <dd>accept the finding</dd>
                <dt><kbd>w</kbd></dt>
                <dd>put it in your own words</dd>
                <dt><kbd>s</kbd></dt>
                <dd>say it in your words of before, where there are any</dd>
                <dt><kbd>x</kbd> <kbd>X</kbd></dt>
                <dd>dismiss it; with a reason. After each decision the next one that is open follows</dd>
                <dt><kbd>r</kbd></dt>
                <dd>reopen the finding</dd>
                <dt><kbd>A</kbd></dt>
                <dd>accept every finding that is still open</dd>
                <dt><kbd>1</kbd> <kbd>2</kbd> <kbd>3</kbd></dt>
                <dd>look, say, numbers</dd>
                <dt><kbd>←</kbd> <kbd>→</kbd></dt>
                <dd>another frame of the attempt</dd>
                <dt><kbd>m</kbd></dt>
                <dd>write a note</dd>
                <dt><kbd>t</kbd></dt>
                <dd>write to the student</dd>
                <dt><kbd>k</kbd></dt>
                <dd>put the subject’s mark right</dd>
                <dt><kbd>g</kbd> <kbd>l</kbd></dt>
                <dd>an arrow with a note; a crop, drawn on the picture</dd>
                <dt><kbd>e</kbd> <kbd>n</kbd></dt>
                <dd>earlier attempt, next attempt</dd>
                <dt><kbd>o</kbd></dt>
                <dd>show or hide the subject mark</dd>
                <dt><kbd>y</kbd></dt>
                <dd>the attempt before in its place, and back</dd>
                <dt><kbd>v</kbd></dt>
                <dd>lay the next view over the picture</dd>
                <dt><kbd>c</kbd> <kbd>f</kbd></dt>
                <dd>closer to the picture, farther from it; <kbd>Shift</kbd> with an arrow moves it</dd>
                <dt><kbd>b</kbd></dt>
                <dd>what-ifs: as taken, or otherwise</dd>
                <dt><kbd>Esc</kbd></dt>
                <dd>leave a field, or a drawing that was begun</dd>
                <dt><kbd>Ctrl</kbd> <kbd>Enter</kbd></dt>
                <dd>in a text: save it</dd>
                <dt><kbd>p</kbd> then <kbd>Enter</kbd></dt>
                <dd>publish</dd>
            </dl>
            <form method="dialog"><button>Close</button></form>
        </dialog>
    </div>
</x-layout>
