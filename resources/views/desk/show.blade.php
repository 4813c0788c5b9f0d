@use(App\Models\AttemptStep)
<x-layout :title="'Desk: ' . $attempt->user->name" :course="$attempt->setBrief->course" wide>
    {{-- From one attempt to the next only the desk is drawn anew. --}}
    @if ($nextFrame)
        <link rel="prefetch" as="image" href="{{ route('frames.picture', $nextFrame) }}">
    @endif
    <div class="desk" id="desk" data-desk>
        @if ($opens)
            {{-- Opening is a request of its own, so that looking a page up ahead of time opens nothing. --}}
            <div hidden hx-post="{{ route('desk.open', $attempt) }}" hx-trigger="load" hx-swap="none"></div>
        @endif
        <header class="desk-head">
            <div>
                <p class="eyebrow">Desk · <a
                        href="{{ route('set-briefs.show', $attempt->setBrief) }}">{{ $brief->words->title }}</a></p>
                <h1 tabindex="-1">{{ $attempt->user->name }} <span class="fine">attempt {{ $attempt->number }}</span>
                    <span class="state state-{{ $shownState->value }}">{{ $shownState->label() }}</span></h1>
            </div>
            <nav aria-label="Queue" class="queue">
                @if ($position !== false)
                    <span class="fine">{{ $position + 1 }} of {{ $queue->count() }} on the desk</span>
                @endif
                @if ($earlier)
                    <a class="button" href="{{ route('desk.show', $earlier) }}"
                        hx-get="{{ route('desk.show', $earlier) }}"
                        hx-target="#desk" hx-select="#desk" hx-select-oob="#message" hx-swap="outerHTML show:window:top"
                        hx-push-url="true"
                        data-go="earlier">Earlier</a>
                @endif
                @if ($next && $next !== $attempt->id)
                    <a class="button" href="{{ route('desk.show', $next) }}" hx-get="{{ route('desk.show', $next) }}"
                       
                        hx-target="#desk" hx-select="#desk" hx-select-oob="#message" hx-swap="outerHTML show:window:top"
                        hx-push-url="true" data-go="next">Next</a>
                @endif
                <button type="button" class="plain" data-keys>Keys <kbd>?</kbd></button>
            </nav>
        </header>
        @foreach ($rows as ['row' => $row, 'frames' => $rowFrames, 'checks' => $rowChecks])
            @if ($row && ($strip = \App\View\Drawings\SeriesStrip::of($rowFrames, $row->kind)))
                @if (count($rows) > 1)
                    <h2>{{ $row->label }}</h2>
                @endif <x-series :strip="$strip" :frames="$rowFrames" :checks="$rowChecks" />
            @endif
        @endforeach
        @foreach ($frames as $view)
            @if ($frames->count() > 1)
                <details class="desk-fold" id="frame-{{ $view->frame->id }}"
                    @if ($loop->last) open @endif>
                    <summary><b>{{ $view->frame->original_name }}</b> <span
                            class="fine">{{ $view->frame->record()?->settings() }}</span></summary>
            @endif
            <div class="desk-frame">
                <div class="desk-main">
                    <x-picture :view="$view" :overlays="$view->judgedOverlays()"
                         :notes="$readable[$view->frame->id]" />
                    @if ($view->judgedOverlays())
                        <x-picture-views :view="$view" :overlays="$view->judgedOverlays()" />
                    @endif
                    @if ($view->frame->state === \App\Models\FrameState::Judged)
                        <div class="desk-strip">
                            @if ($view->tones)
                                <x-tone-strip :tones="$view->tones" id="tones-{{ $view->frame->id }}" />
                            @endif
                            @if ($view->pupil)
                                <x-pupil :pupil="$view->pupil" />
                            @endif
                        </div>
                        <div class="desk-tables">
                            @if ($view->ledger)
                                <x-ledger :ledger="$view->ledger" />
                            @endif
                            <div><x-record :rows="$view->record" />
                                @if ($comparison = $view->planComparison())
                                    <x-plan-compare :comparison="$comparison" />
                                @endif
                            </div>
                        </div>
                        @include('desk.what-ifs', ['frame' => $view->frame->setRelation('attempt', $attempt)])
                        @if ($attempt->state->allows(AttemptStep::Critique))
                            @include('desk.what-if-form', ['frame' => $view->frame, 'view' => $view])
                        @endif
                        @if ($decides)
                            <details class="what-if-tools" hx-get="{{ route('suggestions.edit', $view->frame) }}"
                                hx-trigger="toggle once" hx-target="find .suggestion-editor" hx-swap="outerHTML">
                                <summary>Suggest other settings … <span class="fine">change one value, another follows
                                        the light</span></summary>
                                <div class="suggestion-editor"></div>
                            </details>
                        @endif
                        @if ($before = $previous->get($loop->index))
                            <details class="what-if-tools compare">
                                <summary>Against attempt {{ $before->frame->attempt->number }} <span
                                        class="fine">pictures, settings, findings side by side</span></summary>
                                <x-attempt-compare :before="$before" :view="$view" />
                            </details>
                        @endif
                        {{-- Of what is folded the map is drawn when somebody opens it. --}}
                        @if ($loop->last)
                        <x-frame-views :view="$view" />@else<div hx-get="{{ route('frames.views', $view->frame) }}"
                                hx-trigger="toggle from:closest details once" hx-swap="outerHTML"></div>
                        @endif
                    @else
                        <p class="word word-problem">
                            {{ match (true) {
                                $view->frame->state === \App\Models\FrameState::Ready =>
                                    'The check of this frame could not be finished on our side.',
                                default => $view->frame->problem
                                    ?? 'This frame is still being judged; look again in a moment.',
                            } }}
                        </p>
                        @if ($decides && $view->frame->state === \App\Models\FrameState::Ready)
                            <form method="post" action="{{ route('frames.judge', $view->frame) }}" data-once>
                                @csrf<button>Check it again</button> <span class="fine">Nothing of the student's is
                                    lost.</span></form>
                        @endif
                    @endif
                </div>
                <div class="desk-side">
                    @if ($view->frame->about || $view->frame->reason)
                        <section class="sheet said">
                            <h2>In the student's words</h2>
                            @if ($view->frame->about)
                                <p>{{ $view->frame->about }}</p>
                            @endif
                            @if ($view->frame->reason)
                                <p><span
                                        class="fine">{{ $brief->placements ? 'exposed this way because'
                                        : 'taken this way because' }}</span>
                                    {{ $view->frame->reason }}</p>
                            @endif
                        </section>
                    @endif
                    @if ($view->ownChecks())
                        <section class="sheet">
                            <h2>Checks</h2><x-checks :checks="$view->ownChecks()" />
                        </section>
                    @endif
                    <section class="sheet">
                        <h2>Findings</h2>
                        @foreach ($view->firstFindings() as $finding)
                            @include('desk.finding', [
                                'finding' => $finding,
                                'decides' => $decides,
                                'ownWording' => $wordings[$finding->rule_id] ?? null,
                            ])
                        @endforeach
                        @if ($view->otherFindings()->isNotEmpty())
                            <details class="more-findings">
                                <summary>{{ $view->otherFindings()->count() }} more, of less weight</summary>
                                @foreach ($view->otherFindings() as $finding)
                                    @include('desk.finding', [
                                        'finding' => $finding,
                                        'decides' => $decides,
                                        'ownWording' => $wordings[$finding->rule_id] ?? null,
                                    ])
                                @endforeach
                            </details>
                        @endif
                        @if ($view->frame->impossible)
                            <x-impossible :impossible="$view->frame->impossible" />
                        @endif
                        @if ($view->unknowns())
                            <p class="fine">Silent for want of: {{ implode(', ', $view->unknowns()) }}.</p>
                        @endif
                    </section>
                    <section class="sheet">
                        <h2>Notes</h2>@include('desk.notes',
                            ['frame' => $view->frame, 'phrases' => $phrases, 'readable' => $readable[$view->frame->id]])
                    </section>
                </div>
            </div>
            @if ($frames->count() > 1)
                </details>
            @endif
        @endforeach
        @if (!$teaches && $attempt->state->allows(AttemptStep::Critique))
            <form method="post" action="{{ route('notes.give', $attempt) }}" class="sheet" data-once>@csrf
                <p>Your notes are your own until you give them; the instructor then reads them, and you read the
                    others'.</p><button class="primary">Give my notes</button>
            </form>
        @endif
        @if ($attempt->reply)
            <section class="sheet said">
                <h2>{{ $attempt->user->name }} answered</h2>
                <p>{!! nl2br(e($attempt->reply)) !!}</p>
            </section>
        @endif
        @if ($decides)
            <form method="post" action="{{ route('desk.publish', $attempt) }}" class="sheet publish" data-once
                hx-put="{{ route('desk.update', $attempt) }}" hx-trigger="input delay:800ms, change" hx-target="#kept"
                hx-swap="innerHTML">
                @csrf
                @foreach ($frames as $view)
                    @include('desk.suggestions', ['view' => $view])
                @endforeach
                <div>
                    <label for="summary">Your message to {{ $attempt->user->name }}</label>
                    <textarea id="summary" name="summary" rows="4" maxlength="5000"
                        autocomplete="off"
                        data-draft="summary-{{ $attempt->id }}">{{ old('summary', $attempt->summary) }}</textarea>
                    @if ($stillWriting)
                        <p class="word">{{ implode(', ', $stillWriting) }}
                            {{ count($stillWriting) === 1 ? 'has' : 'have' }} written notes here and not given them
                            yet. Once this is published they can no longer be given.</p>
                    @endif
                    <p class="publish-row"><button class="primary" hx-post="{{ route('desk.publish', $attempt) }}"
                            hx-include="closest form"
                        hx-target="#desk" hx-select="#desk" hx-select-oob="#message" hx-swap="outerHTML show:window:top"
                        hx-push-url="true" hx-disabled-elt="this"
                            data-publish>Publish the critique</button> <span id="kept" class="fine"
                            aria-live="polite"></span></p>
                </div>
            </form>
        @elseif ($attempt->state->allows(AttemptStep::ReadReturn))
            <p class="word word-done">Published {{ $attempt->setBrief->course->formatMoment($attempt->returned_at) }}.
                <a
                    href="{{ route('attempts.return', $attempt) }}">Read it as the student does</a>.</p>
        @endif
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
                <dt><kbd>x</kbd></dt>
                <dd>dismiss it</dd>
                <dt><kbd>r</kbd></dt>
                <dd>reopen the finding</dd>
                <dt><kbd>m</kbd></dt>
                <dd>write a note</dd>
                <dt><kbd>t</kbd></dt>
                <dd>write to the student</dd>
                <dt><kbd>e</kbd> <kbd>n</kbd></dt>
                <dd>earlier attempt, next attempt</dd>
                <dt><kbd>o</kbd></dt>
                <dd>show or hide the subject mark</dd>
                <dt><kbd>v</kbd></dt>
                <dd>lay the next view over the picture</dd>
                <dt><kbd>c</kbd> <kbd>f</kbd></dt>
                <dd>closer to the picture, farther from it; <kbd>Shift</kbd> with an arrow moves it</dd>
                <dt><kbd>b</kbd></dt>
                <dd>what-ifs: as taken, or otherwise</dd>
                <dt><kbd>Ctrl</kbd> <kbd>Enter</kbd></dt>
                <dd>in a text: keep it</dd>
                <dt><kbd>p</kbd> then <kbd>Enter</kbd></dt>
                <dd>publish</dd>
            </dl>
            <form method="dialog"><button>Close</button></form>
        </dialog>
    </div>
</x-layout>
