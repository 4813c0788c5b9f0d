@use(App\Models\AttemptState)
@use(App\View\Presenters\PracticeLink)
<div class="result">
    <div class="sheet">
        @if ($frame->attempt->state === AttemptState::Draft && $view->missing()->rows)
            @include('frames.missing', ['missing' => $view->missing()])
            <p><button form="prepare">Check it with these</button></p>
        @endif
        @if ($frame->attempt->state === AttemptState::Draft && ($question = $view->saidOtherwise()))
            <p class="word">{{ $question }}</p>
        @endif
        <h2>Checks of the brief</h2>
        <p>{{ $view->checksInWords() }}</p>
        <x-checks :checks="$view->checks()" />
        @if ($rung = $view->nextRung())
            <p class="word"><b>Next rung: {{ $rung->settings->time }} at {{ $rung->settings->iso }}.</b>
                {{ $rung->reason->sentence() }}
                @if ($practice = PracticeLink::to($view->brief()->scene, $rung->settings))
                    <a href="{{ $practice }}">Take it with the practice camera</a>
                @endif
            </p>
        @endif
        @if ($frame->attempt->state === AttemptState::Draft && $view->brief()->most() > 1)
            <p><a class="button primary" href="{{ route('attempts.show', $frame->attempt) }}">Back to all frames</a></p>
        @elseif ($frame->attempt->state === AttemptState::Waiting)
            <form method="post" action="{{ route('attempts.take-back', $frame->attempt) }}" data-once>@csrf
                <button>Take it back and change it</button> <span class="fine">The instructor has not opened it
                    yet.</span>
            </form>
        @elseif ($frame->attempt->state === AttemptState::Draft)
            <form method="post" action="{{ route('attempts.hand-in', $frame->attempt) }}" data-once>@csrf
                <x-day-gaps :attempt="$frame->attempt" />
                <x-may-show :attempt="$frame->attempt" />
                <button class="primary">Hand in attempt {{ $frame->attempt->number }}</button>
                <span class="fine">You can also change the marks, or take the picture again, first.</span>
            </form>
        @endif
    </div>
    <div class="sheet">
        <h2>What was noticed</h2>
        @foreach ($view->firstFindings() as $finding)
            <x-noticed :finding="$finding" />
        @endforeach
        @if ($view->otherFindings()->isNotEmpty())
            <details class="more-findings">
                <summary>{{ $view->foldedWords() }}</summary>
                @foreach ($view->otherFindings() as $finding)
                    <x-noticed :finding="$finding" />
                @endforeach
            </details>
        @endif
        @if ($view->unknowns())
            <p class="fine">More could be said if these were known: {{ implode(', ', $view->unknowns()) }}.</p>
        @endif
        @if ($frame->impossible)
            <x-impossible :impossible="$frame->impossible" />
        @endif
        @if ($view->suggestion())
            <h3>What would have been better</h3><x-suggestion :suggestion="$view->suggestion()" />
        @elseif ($view->missingForSuggestions())
            <p class="word">Other settings cannot be suggested until these are stated above:
                {{ implode(', ', $view->missingForSuggestions()) }}.</p>
        @endif
    </div>
    <div class="sheet">
        @if ($view->tones)
            <x-tone-strip :tones="$view->tones" id="tones-{{ $frame->id }}" />
        @endif
        @if ($view->ledger)
            <x-ledger :ledger="$view->ledger" />
        @endif
        @if ($view->pupil)
            <x-pupil :pupil="$view->pupil" />
        @endif
        @if ($comparison = $view->planComparison())
            <x-plan-compare :comparison="$comparison" />
        @endif
    </div>
</div>
<x-frame-views :view="$view" />
