<x-layout :title="'Return: ' . $brief->words->title" :course="$attempt->setBrief->course" wide>
    <p class="eyebrow"><a href="{{ route('set-briefs.show', $attempt->setBrief) }}">{{ $brief->words->title }}</a> ·
        returned
        {{ $attempt->setBrief->course->formatMoment($attempt->returned_at) }}</p>
    <h1>{{ $owner ? 'Your return' : 'Return to ' . $attempt->user->name }} <span class="fine">attempt
            {{ $attempt->number }}</span></h1>
    @foreach ($rows as ['row' => $row, 'frames' => $rowFrames, 'checks' => $rowChecks])
        @if ($row && ($strip = \App\View\Drawings\SeriesStrip::of($rowFrames, $row->kind)))
            <x-series :strip="$strip" :frames="$rowFrames" :checks="$rowChecks" />
        @endif
    @endforeach
    @foreach ($frames as $index => $view)
        {{-- What somebody wrote is never folded away, nor the last frame, which says what holds for its row. --}}
        @if ($index > 0)
            <details class="desk-fold" id="frame-{{ $view->frame->id }}" data-open-in-print
                @if ($view->givenNotes() > 0 || $loop->last) open @endif>
                <summary><b>{{ $view->frame->original_name }}</b> <span
                        class="fine">{{ $view->frame->record()?->settings() }}{{ $view->givenNotes() > 0 ? ' · '
                        : '' }}{{ trans_choice('{0}|{1} :count note|[2,*] :count notes', $view->givenNotes()) }}</span>
                </summary>
            @elseif ($frames->count() > 1)
                <p class="return-frame" id="frame-{{ $view->frame->id }}"><b>{{ $view->frame->original_name }}</b> <span
                        class="fine">{{ $view->frame->record()?->settings() }}</span></p>
        @endif
        <div class="return">
            <div class="return-picture"><x-picture :view="$view"
                    :notes="$view->frame->notes->whereNotNull('given_at')" /></div>
            <div class="return-words">
                @if ($index === 0 && $attempt->summary)
                    <blockquote class="sheet message">{!! nl2br(e($attempt->summary)) !!}</blockquote>
                @endif
                <section class="sheet first-things" aria-label="The three things to take along">
                    @if ($view->first()['keep'])
                        <div>
                            <h2>Keep</h2>
                            <p>{{ $view->first()['keep'] }}</p>
                        </div>
                    @endif
                    @if ($view->first()['try'])
                        <div>
                            <h2>Try</h2>
                            <p>{{ $view->first()['try'] }}</p>
                        </div>
                    @endif
                    @if ($view->first()['change'])
                        <div>
                            <h2>The setting to change first</h2><x-suggestion :suggestion="$view->first()['change']"
                                /><x-retake
                                :frame="$view->frame" :number="$view->frame->chosen_suggestion ?? 0" />
                        </div>
                    @endif
                </section>
                <section class="sheet">
                    @foreach ($view->frame->whatIfs as $whatIf)
                        <x-what-if :whatIf="$whatIf" :frame="$view->frame" />
                    @endforeach
                    @if ($view->panel())
                        <h2>Notes</h2><x-panel :view="$view" />
                    @endif
                    @foreach ($view->published() as $finding)
                        <article class="finding finding-{{ $finding->severity()->value }}">
                            <p class="finding-head"><span class="severity">{{ $finding->severity()->label() }}</span>
                                <span class="fine">{{ $finding->topic()->label() }} ·
                                    {{ $finding->decision === App\Models\Decision::Reworded ? 'in the words of whoever
                                    teaches' : 'found by the program' }}</span></p>
                            <p>{{ $finding->sentence() }}</p>
                            <details>
                                <summary>Evidence</summary><x-evidence :finding="$finding->found()" />
                            </details>
                        </article>
                    @endforeach
                </section>
            </div>
        </div>
        @if ($previous->get($index))
            <section class="sheet compare">
                <h2>Against attempt {{ $previous->get($index)->frame->attempt->number }}</h2><x-attempt-compare
                    :before="$previous->get($index)"
                    :view="$view" />
            </section>
        @endif
        <section class="return-evidence">
            @if ($view->ownChecks())
                <div class="sheet">
                    <h2>Checks of the brief</h2><x-checks :checks="$view->ownChecks()" />
                </div>
            @endif
            <div class="sheet">
                @if ($view->tones)
                    <x-tone-strip :tones="$view->tones" id="tones-{{ $view->frame->id }}" />
                    @endif @if ($view->ledger)
                        <x-ledger :ledger="$view->ledger" />
                    @endif
            </div>
            <div class="sheet">
                @if ($view->pupil)
                    <x-pupil :pupil="$view->pupil" />
                @endif
                <x-record :rows="$view->record" />
            </div>
        </section>
        @if ($index > 0)
            </details>
        @endif
    @endforeach
    <section class="sheet no-print" id="reply">
        @if ($owner)
            <form method="post" action="{{ route('attempts.reshoot', $attempt) }}" class="inline-form reshoot"
                data-once>@csrf<button class="primary">Plan the reshoot</button><a class="button"
                    href="{{ route('set-briefs.show', $attempt->setBrief) }}#own">Hand in attempt
                    {{ $attempt->number + 1 }}</a><button type="button" data-print>Print this return</button></form>
            <form method="post" action="{{ route('attempts.reply', $attempt) }}" data-once>@csrf
                <label for="reply-text">Your answer <span class="fine">what you will do, what you see otherwise;
                        whoever critiqued it reads it</span></label>
                <textarea id="reply-text" name="reply" rows="3" maxlength="4000"
                    autocomplete="off"
                    data-draft="reply-{{ $attempt->id }}">{{ old('reply', $attempt->reply) }}</textarea>
                <button>{{ $attempt->reply ? 'Change the answer' : 'Send the answer' }}</button>
            </form>
            <form method="post" action="{{ route('attempts.may-show', $attempt) }}" data-once>@csrf @method('put')
                <label class="choice"><input type="checkbox" name="may_show" value="1"
                        @checked($attempt->may_show)> My frames of this attempt may be shown to the class</label><button
                    class="plain">Save the choice</button>
            </form>
        @elseif ($attempt->reply)
            <h2>{{ $attempt->user->name }} answered</h2>
            <p>{!! nl2br(e($attempt->reply)) !!}</p>
        @else
            <p class="fine">{{ $attempt->user->name }} has not answered yet.</p>
        @endif
    </section>
</x-layout>
