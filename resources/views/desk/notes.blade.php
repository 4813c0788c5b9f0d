@use(App\Models\AttemptState)
<div id="notes-{{ $frame->id }}">
    @foreach ($frame->notes as $note)
        <article class="note note-{{ $note->kind->value }}">
            <p><b>{{ $note->kind->label() }}</b> @if ($note->fixed)<span class="fine">{{ $note->fixed === 'field' ? 'in the field' : 'afterwards' }}</span>@endif <span class="fine">{{ $note->author->name }}</span>
            @can('delete', $note)<button type="button" class="plain" hx-delete="{{ route('notes.destroy', $note) }}" hx-target="#notes-{{ $frame->id }}" hx-swap="outerHTML">Take back</button>@endcan</p>
            <p>{{ $note->body }}</p>
        </article>
    @endforeach
    @if ($frame->attempt->state !== AttemptState::Returned)
        @php($token = \Illuminate\Support\Str::uuid())
        <form method="post" action="{{ route('notes.store', $frame) }}" hx-post="{{ route('notes.store', $frame) }}" hx-target="#notes-{{ $frame->id }}" hx-swap="outerHTML" class="small-form" data-note>
            @csrf
            <input type="hidden" name="token" value="{{ $token }}">
            <div class="note-kinds" role="radiogroup" aria-label="Kind of note">
                @foreach (\App\Models\NoteKind::cases() as $kind)<label><input type="radio" name="kind" value="{{ $kind->value }}" @checked($kind === \App\Models\NoteKind::Try)> {{ $kind->label() }}</label>@endforeach
                <select name="fixed" aria-label="When it is put right"><option value="">–</option><option value="field">in the field</option><option value="afterwards">afterwards</option></select>
            </div>
            <label class="visually-hidden" for="note-{{ $frame->id }}">Note</label>
            <textarea id="note-{{ $frame->id }}" name="body" rows="2" maxlength="4000" required data-keep="note-{{ $frame->id }}" placeholder="Your own remark"></textarea>
            <button>Add the note</button>
        </form>
    @endif
</div>
