<div data-in="look">
    @if ($view->frame->state !== App\Models\FrameState::Judged)
        <p class="word word-problem">
            {{ match (true) {
                $view->frame->state === \App\Models\FrameState::Ready =>
                    'The check of this frame could not be finished on our side.',
                default => $view->frame->problem
                    ?? 'Checking again …',
            } }}
        </p>
        @if ($view->frame->state === \App\Models\FrameState::Judging)
            {{-- The desk is drawn anew as soon as it is done. --}}
            <div hidden hx-get="{{ route('desk.show', $attempt) }}" hx-trigger="load delay:900ms" hx-target="#desk"
                hx-select="#desk" hx-swap="outerHTML" data-quiet></div>
        @endif
        @if ($decides && $view->frame->state === \App\Models\FrameState::Ready)
            <form method="post" action="{{ route('frames.judge', $view->frame) }}" data-once>
                @csrf<button>Check it again</button> <span class="fine">Nothing of the student's is
                    lost.</span></form>
        @endif
    @endif
    @if ($view->frame->about || $view->frame->reason)
        <section class="sheet said">
            <h2 class="visually-hidden">In the student's words</h2>
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
            <h2>Checks</h2><x-check-rows :checks="$view->ownChecks()" />
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
                <summary>{{ $view->foldedWords() }}</summary>
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
            <p class="fine">Some rules say nothing here: {{ implode(', ', $view->unknowns()) }}
                {{ count($view->unknowns()) === 1 ? 'is' : 'are' }} not known.</p>
        @endif
    </section>
</div>
