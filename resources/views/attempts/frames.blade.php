@use(App\Models\AttemptState)
@use(App\Models\FrameState)
@use(TruePupil\Core\Checks\Verdict)
<div id="attempt"
    @if ($view->isBusy()) hx-get="{{ route('attempts.progress', [$view->attempt, 'seen' => $view->stamp()]) }}"
        hx-trigger="every 900ms" hx-swap="outerHTML" @endif>
    @foreach ($view->rows() as ['row' => $row, 'frames' => $frames, 'checks' => $checks])
        <section class="sheet" @if ($row) aria-labelledby="row-{{ $row->id }}" @endif>
            @if ($row)
                <h2 id="row-{{ $row->id }}">{{ $row->label }} <span
                        class="fine">{{ count($frames) > $row->frames
                        ? sprintf('%d frames, %d wanted', count($frames), $row->frames)
                        : sprintf('%d of %d frames', count($frames), $row->frames) }}</span>
                </h2>
            @endif
            <ol class="contact-row">
                @foreach ($frames as $frame)
                    <li class="contact">
                        <a class="contact-picture" href="{{ route('frames.edit', $frame) }}">
                            @if ($frame->tags !== null)
                                <img src="{{ route('frames.picture', $frame) }}" alt="{{ $frame->original_name }}"
                                loading="lazy" width="{{ $frame->width }}" height="{{ $frame->height }}">@else<span
                                    class="contact-empty" aria-hidden="true"></span><span
                                    class="visually-hidden">{{ $frame->original_name }}</span>
                            @endif
                        </a>
                        <p class="contact-name">{{ $frame->original_name }}</p>
                        <p class="fine">{{ $view->settings($frame) }}</p>
                        <p class="contact-state">
                            @switch ($frame->state)
                                @case (FrameState::Reading)
                                    <span class="turning" aria-hidden="true"></span> being read
                                @break

                                @case (FrameState::Judging)
                                    <span class="turning" aria-hidden="true"></span> being checked
                                @break

                                @case (FrameState::Refused)
                                    <b>Could not be read.</b> {{ $frame->problem }}
                                @break

                                @case (FrameState::Ready)
                                    <a href="{{ route('frames.edit', $frame) }}">Mark the subject</a>
                                        {{ $frame->problem }}
                                @break

                                @case (FrameState::Judged)
                                    {{ $view->counted($frame) }}@if (!$loop->first && $frames[0]->width)
                                        · <a href="{{ route('frames.compare', [$frames[0], $frame]) }}">beside the
                                            first</a>
                                    @endif
                                @break
                            @endswitch
                        </p>
                        @if ($view->isDraft())
                            <form method="post" action="{{ route('frames.destroy', $frame) }}" data-once>@csrf
                                @method('delete')<button class="plain"
                                    aria-label="Remove {{ $frame->original_name }}">Remove</button></form>
                        @endif
                    </li>
                @endforeach
            </ol>
            @if ($frames === [])
                <p class="fine">No frame yet.</p>
            @endif
            @foreach ($frames as $frame)
                @if ($comparison = $view->comparison($frame))
                    <details>
                        <summary>{{ $frame->original_name }} against the plan:
                            {{ $comparison->isFollowed() ? 'kept' : implode('; ', $comparison->sentences()) }}
                        </summary><x-plan-compare :comparison="$comparison" />
                    </details>
                @endif
            @endforeach
            @if ($row && ($strip = \App\View\Drawings\SeriesStrip::of($frames, $row->kind)))
                <p class="fine">{{ $strip->title() }}. {{ $strip->covered() }}</p>
            @endif
            <x-together :frames="$frames" />
            @if ($checks)
                <h3>What is said of the row</h3><x-checks :checks="$checks" />
            @endif
            @if ($view->isDraft() && count($view->frames) < $view->brief->most())
                <x-upload :setBrief="$view->attempt->setBrief" :row="$row?->id" :many="true" :label="$frames
                    ? 'More frames' : 'Frames'" />
            @endif
        </section>
    @endforeach
    @if ($view->isDraft() && $view->asksForBest())
        <form method="post" action="{{ route('attempts.best', $view->attempt) }}" class="sheet" data-once>@csrf
            <h2>Which is the one?</h2>
            <div class="best-of">
                @foreach ($view->frames as $frame)
                    <label class="best-frame"><input type="radio" name="frame" value="{{ $frame->id }}"
                            @checked((int) old('frame', $view->attempt->favourite_frame_id) === $frame->id)>
                        @if ($frame->tags !== null)
                            <img src="{{ route('frames.small', $frame) }}" alt="" loading="lazy">
                        @endif
                        <span>{{ $frame->original_name }}</span></label>
                @endforeach
            </div>
            <label for="best-reason">Why this one and not the others?</label>
            <textarea id="best-reason" name="reason" rows="2" maxlength="2000" autocomplete="off"
                data-draft="best-{{ $view->attempt->id }}">{{ old('reason', $view->attempt->favourite_reason)
                }}</textarea>
            <fieldset class="inline-choice">
                <legend>Would you hang it on your wall?</legend>
                @foreach (['yes' => 'Yes', 'no' => 'No', '' => 'I do not know yet'] as $value => $label)
                    <label class="choice"><input type="radio" name="hang" value="{{ $value }}"
                            @checked(old('hang', $view->hang()) === $value)> {{ $label }}</label>
                @endforeach
            </fieldset>
            <button>Keep the choice</button>
        </form>
    @endif
    @if ($view->isDraft() && $view->frames)
        <x-scans :attempt="$view->attempt" />
    @endif
    @if ($view->isDraft())
        <form method="post" action="{{ route('attempts.hand-in', $view->attempt) }}" class="sheet" data-once>@csrf
            @if ($view->missing())
                <p class="word">The brief wants {{ $view->brief->frames->least }} frames; {{ $view->missing() }}
                    {{ $view->missing() === 1 ? 'is' : 'are' }} missing. You can hand in what there is, and the checks
                    will say so.</p>
            @endif
            <x-day-gaps :attempt="$view->attempt" />
            <x-may-show :attempt="$view->attempt" />
            <button class="primary" @disabled(!$view->isReady())>Hand in attempt {{ $view->attempt->number }}</button>
            @if (!$view->isReady())
                <span class="fine">Every frame has to be marked first.</span>
            @endif
        </form>
    @elseif ($view->attempt->state === AttemptState::Waiting)
        <form method="post" action="{{ route('attempts.take-back', $view->attempt) }}" class="sheet" data-once>@csrf
            <p>Handed in {{ $view->attempt->setBrief->course->formatMoment($view->attempt->handed_in_at) }}. The
                instructor has not opened
                it.</p>
            <button>Take it back and change it</button>
        </form>
    @endif
</div>
