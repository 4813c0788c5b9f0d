@use(App\Models\Decision)
<article class="finding finding-{{ $finding->severity()->value }} decision-{{ $finding->decision->value }}"
    id="finding-{{ $finding->id }}" data-finding tabindex="-1" {{ $finding->patch() }}>
    <p class="finding-head">
        <span class="severity">{{ $finding->severity()->label() }}</span> <span
            class="fine">{{ $finding->topic()->label() }}</span><x-where :finding="$finding" />
        @if ($finding->decision !== Decision::Open)
            <span class="decided">{{ $finding->decision->value }}</span>
        @endif
        @unless ($finding->current)
            <span class="fine">from an earlier analysis</span>
        @endunless
    </p>
    @if ($stale ?? null)
        <div class="word word-problem" role="alert">
            <p>{{ $stale }}</p>
            @if ($yours ?? null)
                <blockquote>{{ $yours }}</blockquote>
            @endif
        </div>
    @endif
    <p class="finding-sentence">{{ $finding->sentence() }}</p>
    @if ($finding->decision === Decision::Dismissed && $finding->dismissal)
        <p class="fine">Dismissed: {{ $finding->dismissal }}</p>
    @endif
    @if ($asks ?? false)
        <div class="word" id="silence-{{ $finding->id }}">
            <p>You have dismissed this kind twice or more in this course. Should it stay silent here?</p>
            <button type="button" hx-post="{{ route('silences.store', $finding->frame->attempt->setBrief->course) }}"
                hx-vals='{"rule": "{{ $finding->rule_id }}"}' hx-target="#silence-{{ $finding->id }}"
                hx-swap="innerHTML">Silence it in this course</button>
        </div>
    @endif
    <details>
        <summary>Evidence</summary><x-evidence :finding="$finding->found()" />
        @if ($finding->decision === Decision::Reworded)
            <p class="fine">Computed sentence: {{ $finding->found()->sentence }}</p>
        @endif
    </details>
    @if ($decides)
        <div class="finding-actions">
            @if ($finding->decision !== Decision::Accepted)
                <button type="button" hx-put="{{ route('findings.update', $finding) }}"
                    hx-target="#finding-{{ $finding->id }}" hx-swap="outerHTML"
                    hx-vals='{"decision": "accepted", "revision": {{ $finding->revision }}}'
                    data-do="accept">Accept</button>
            @endif
            @if (($ownWording ?? null) !== null && $finding->decision === Decision::Open)
                <button type="button" hx-put="{{ route('findings.update', $finding) }}"
                    hx-target="#finding-{{ $finding->id }}" hx-swap="outerHTML"
                    hx-vals="{{ json_encode(['decision' => 'reworded', 'wording' => $ownWording,
                        'revision' => $finding->revision]) }}" data-do="say"
                    title="{{ $ownWording }}">In your words:
                    {{ \Illuminate\Support\Str::limit($ownWording, 40) }}</button>
            @endif
            <button type="button" data-do="reword" data-opens="reword-{{ $finding->id }}" aria-expanded="false"
                aria-controls="reword-{{ $finding->id }}">Reword</button>
            @if ($finding->decision !== Decision::Dismissed)
                <button type="button" data-do="dismiss" data-opens="dismiss-{{ $finding->id }}" aria-expanded="false"
                    aria-controls="dismiss-{{ $finding->id }}">Dismiss</button>
            @endif
            @if ($finding->decision !== Decision::Open)
                <button type="button" class="plain" hx-put="{{ route('findings.update', $finding) }}"
                    hx-target="#finding-{{ $finding->id }}" hx-swap="outerHTML"
                    hx-vals='{"decision": "open", "revision": {{ $finding->revision }}}'
                    data-do="reopen">Reopen</button>
            @endif
        </div>
        <form id="reword-{{ $finding->id }}" hidden hx-put="{{ route('findings.update', $finding) }}"
                    hx-target="#finding-{{ $finding->id }}" hx-swap="outerHTML" class="small-form">
            <input type="hidden" name="decision" value="reworded">
            <input type="hidden" name="revision" value="{{ $finding->revision }}">
            <label for="wording-{{ $finding->id }}">In your words</label>
            <textarea id="wording-{{ $finding->id }}" name="wording" rows="3" maxlength="2000" required
                autocomplete="off"
                data-draft="wording-{{ $finding->id }}">{{ $yours ?? $finding->wording
                ?? $finding->found()->sentence }}</textarea>
            <button>Save the wording</button>
        </form>
        <form id="dismiss-{{ $finding->id }}" hidden hx-put="{{ route('findings.update', $finding) }}"
                    hx-target="#finding-{{ $finding->id }}" hx-swap="outerHTML" class="small-form">
            <input type="hidden" name="decision" value="dismissed">
            <input type="hidden" name="revision" value="{{ $finding->revision }}">
            <label for="dismissal-{{ $finding->id }}">Why it does not hold here <span class="fine">optional; only
                    you see it</span></label>
            <input id="dismissal-{{ $finding->id }}" name="dismissal" maxlength="500"
                value="{{ $finding->dismissal }}">
            <button>Dismiss the finding</button>
        </form>
    @endif
</article>
