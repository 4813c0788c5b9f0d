@use(Illuminate\Support\Str)
@use(App\Models\AttemptStep)
@use(App\Models\NoteKind)
@use(TruePupil\Core\Composition\PersonRemark)
@use(TruePupil\Core\Findings\Topic)
<div id="notes-{{ $frame->id }}">
    @foreach ($readable as $note)
        <x-note :note="$note" :number="$frame->noteNumbers()[$note->id] ?? null">
            @if ($note->given_at === null)
                <span class="state state-draft">not given yet</span>
            @endif
            @can('delete', $note)
                <button type="button" class="plain" hx-delete="{{ route('notes.destroy', $note) }}"
                    hx-target="#notes-{{ $frame->id }}" hx-swap="outerHTML">Take back</button>
            @endcan
        </x-note>
    @endforeach
    @if (!$teaches && $frame->notes->count() > $readable->count())
        <p class="fine">Others have written too. You read them when you have given your own.</p>
    @endif
    @if ($teaches ? $frame->attempt->allows(AttemptStep::Critique)
        : $frame->attempt->state->allows(AttemptStep::Critique))
        <form method="post" action="{{ route('notes.store', $frame) }}" hx-post="{{ route('notes.store', $frame) }}"
            hx-target="#notes-{{ $frame->id }}" hx-swap="outerHTML" class="small-form" data-note
            enctype="multipart/form-data" hx-encoding="multipart/form-data">
            @csrf
            <input type="hidden" name="token" value="{{ Str::uuid() }}">
            <div class="note-kinds" role="radiogroup" aria-label="Kind of note">
                @foreach (NoteKind::cases() as $kind)
                    <label><input type="radio" name="kind" value="{{ $kind->value }}"
                            @checked($kind === NoteKind::Try)> {{ $kind->label() }}</label>
                @endforeach
                <select name="fixed" aria-label="When it is put right">
                    <option value="">when …</option>
                    <option value="field">in the field</option>
                    <option value="afterwards">afterwards</option>
                </select>
                <select name="topic" aria-label="What it is about">
                    <option value="">about …</option>
                    @foreach (Topic::cases() as $topic)
                        <option value="{{ $topic->value }}">{{ $topic->label() }}</option>
                    @endforeach
                </select>
            </div>
            @if ($frame->showsSomebody())
                <div class="quick-remarks" role="group" aria-label="Of somebody in the picture">
                    @foreach (PersonRemark::cases() as $remark)
                        <button type="button" class="plain" data-remark="{{ $remark->sentence() }}"
                            data-about="{{ Topic::Composition->value }}">{{ $remark->label() }}</button>
                    @endforeach
                </div>
            @endif
            <label class="visually-hidden" for="note-{{ $frame->id }}">Note</label>
            <textarea id="note-{{ $frame->id }}" name="body" rows="2" maxlength="4000" required
                autocomplete="off"
                data-draft="note-{{ $frame->id }}" placeholder="Your own remark"></textarea>
            <div class="phrase-row">
                @if ($phrases ?? [])
                    <label class="visually-hidden" for="phrase-{{ $frame->id }}">One of your sentences</label>
                    <input type="search" id="phrase-{{ $frame->id }}" list="phrases-{{ $frame->id }}" form="nowhere"
                        data-phrase="note-{{ $frame->id }}" autocomplete="off"
                        placeholder="one of your sentences …">
                    <datalist id="phrases-{{ $frame->id }}">
                        @foreach ($phrases as $phrase)
                            <option>{{ $phrase }}</option>
                        @endforeach
                    </datalist>
                @endif
                <label class="fine"><input type="checkbox" name="keep" value="1"> keep the sentence</label>
                <a class="fine" href="{{ route('phrases') }}">all of them</a>
            </div>
            <div class="phrase-row" data-voice data-most="{{ App\Models\NoteVoice::MOST_SECONDS }}" hidden>
                <button type="button" class="plain" data-record>Speak it as well</button>
                <audio controls hidden></audio>
                <button type="button" class="plain" data-forget-voice hidden>Without sound</button>
                <span class="fine" data-voice-says aria-live="polite"></span>
                <input type="file" name="voice" hidden><input type="hidden" name="voice_seconds">
            </div>
            <input type="hidden" name="pointing" data-pointing>
            <div class="note-place" data-drawn="note">
                <p class="draw-row"><button type="button" class="plain" data-draw="box"
                        data-says="Draw the place on the picture.">Mark the place in the picture</button>
                    <button type="button" class="plain" data-undraw>No place</button> <span class="fine"
                        data-drawing-says aria-live="polite"></span></p>
                <details class="in-numbers">
                    <summary>in numbers, % of the frame</summary>
                <div class="number-row">
                    @foreach (['x' => 'Left', 'y' => 'Top', 'width' => 'Width', 'height' => 'Height'] as $key => $label)
                        <label>{{ $label }} <span class="fine">%</span> <input type="number" step="0.1"
                                min="0" max="100" name="region[{{ $key }}]"
                                data-side="{{ $key }}"></label>
                    @endforeach
                </div>
                </details>
            </div>
            <button>Add the note</button>
        </form>
    @endif
</div>
