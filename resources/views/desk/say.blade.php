@use(App\Models\AttemptStep)
<div data-in="say">
    <section class="sheet">
        <h2>Notes</h2>
        @include('desk.notes',
            ['frame' => $view->frame, 'phrases' => $phrases, 'readable' => $readable[$view->frame->id]])
    </section>
    @if ($view->frame->state === App\Models\FrameState::Judged)
        @include('desk.what-ifs', ['frame' => $view->frame->setRelation('attempt', $attempt)])
        @if ($attempt->allows(AttemptStep::Critique))
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
    @endif
</div>
