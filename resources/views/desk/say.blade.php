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
            {{-- Asked for when somebody wants to try something: most frames are critiqued without. --}}
            <details class="what-if-tools" data-what-if="{{ route('what-ifs.preview', $view->frame) }}"
                hx-get="{{ route('what-ifs.form', $view->frame) }}" hx-trigger="toggle once"
                hx-target="find .what-if-form" hx-swap="outerHTML">
                <summary>What if … <span class="fine">tried on a copy, over the picture; <kbd>b</kbd> shows it as
                        taken</span></summary>
                <div class="what-if-form"></div>
            </details>
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
