{{-- Everything that is not among the three things, each behind a line that says what is there. --}}
@if ($previous->get($index))
    <details class="quiet-fold compare" open>
        <summary>Against attempt {{ $previous->get($index)->frame->attempt->number }}</summary><x-attempt-compare
            :before="$previous->get($index)" :view="$returned->view" />
    </details>
@endif
@if ($returned->otherNotes() || $returned->view->frame->whatIfs->isNotEmpty())
    <details class="quiet-fold" data-open-in-print>
        <summary>{{ trans_choice('{0} Otherwise|{1} One more note|[2,*] :count more notes',
            count($returned->otherNotes())) }}{{ $returned->view->frame->whatIfs->isNotEmpty()
            ? (count($returned->otherNotes()) ? ', and ' : ': ') . trans_choice(
            '{1} the frame seen in another way|[2,*] the frame seen in :count other ways',
            $returned->view->frame->whatIfs->count()) : '' }}</summary>
        <x-panel :view="$returned->view" :groups="$returned->otherNotes()" />
        @foreach ($returned->view->frame->whatIfs as $whatIf)
            <x-what-if :whatIf="$whatIf" :frame="$returned->view->frame" />
        @endforeach
    </details>
@endif
@if ($returned->view->published()->isNotEmpty())
    <details class="quiet-fold" data-open-in-print>
        <summary>{{ $returned->otherFindings()->isEmpty() ? 'What it rests on' : trans_choice(
            '{1} One more finding|[2,*] :count more findings', $returned->otherFindings()->count()) }}</summary>
        @foreach ($returned->otherFindings() as $finding)
            <article class="finding finding-{{ $finding->severity()->value }}" {{ $finding->patch() }}>
                <p class="finding-head"><span class="severity">{{ $finding->severity()->label() }}</span>
                    <span class="fine">{{ $finding->topic()->label() }} ·
                        {{ $returned::wordOf($finding) }}</span><x-where :finding="$finding" /></p>
                <p><x-words :of="$finding->sentence()" /></p>
                <details>
                    <summary>Evidence</summary><x-evidence :finding="$finding->found()" />
                </details>
            </article>
        @endforeach
        @foreach ($returned->saidFindings() as $finding)
            <article class="finding said-evidence">
                <p class="finding-head"><span class="fine">Evidence of the {{ $finding->topic()->label() }}
                        above</span></p>
                <x-evidence :finding="$finding->found()" />
            </article>
        @endforeach
    </details>
@endif
@if ($returned->view->ownChecks())
    <details class="quiet-fold" data-open-in-print>
        <summary>Checks of the brief: {{ $returned->checksInWords() }}</summary>
        <x-checks :checks="$returned->view->ownChecks()" />
    </details>
@endif
<details class="quiet-fold return-evidence" data-open-in-print>
    <summary>The numbers: tones, light, record</summary>
    @if ($returned->view->tones)
        <x-tone-strip :tones="$returned->view->tones" id="tones-{{ $returned->view->frame->id }}" />
    @endif
    @if ($returned->view->ledger)
        <x-ledger :ledger="$returned->view->ledger" />
    @endif
    @if ($returned->view->pupil)
        <x-pupil :pupil="$returned->view->pupil" />
    @endif
    <x-record :rows="$returned->view->record" />
</details>
@if ($owner)
    <p class="no-print fine"><a href="{{ route('revisits.edit', $returned->view->frame) }}">Go back for this picture</a>
        in another light, at another tide, in another season: the days on which that can be.</p>
@endif
