@use(TruePupil\Core\Findings\Topic)
@use(App\Models\Phrase)
<x-layout title="Sentences you keep">
    <h1>Sentences you keep</h1>
    <p>They are offered at the desk, under your notes: pinned ones first, then those about what was found in the
        frame. Only you see them.</p>
    <form method="get" class="phrase-find"><label>Find <input type="search" name="find" value="{{ $asked }}"></label>
        <button>Find</button></form>
    <form method="post" action="{{ route('phrases.store') }}" class="sheet phrase" data-once>@csrf
        <label for="body">A new sentence</label>
        <textarea id="body" name="body" rows="2" maxlength="{{ Phrase::LONGEST }}" required>{{ old('body') }}</textarea>
        <select name="topic" aria-label="About">
            <option value="">about anything</option>
            @foreach (Topic::cases() as $topic)
                <option value="{{ $topic->value }}" @selected(old('topic') === $topic->value)>{{ $topic->label()
                    }}</option>
            @endforeach
        </select>
        <button class="primary">Keep it</button>
    </form>
    @forelse ($groups as $label => $phrases)
        <h2>{{ $label }}</h2>
        @foreach ($phrases as $phrase)
            <div class="phrase-row">
                <form method="post" action="{{ route('phrases.update', $phrase) }}" class="phrase" data-once>
                    @csrf @method('put')
                    <label class="visually-hidden" for="phrase-{{ $phrase->id }}">Sentence</label>
                    <textarea id="phrase-{{ $phrase->id }}" name="body" rows="2" required
                        maxlength="{{ Phrase::LONGEST }}">{{ $phrase->body }}</textarea>
                    <select name="topic" aria-label="About">
                        <option value="">about anything</option>
                        @foreach (Topic::cases() as $topic)
                            <option value="{{ $topic->value }}" @selected($phrase->topic === $topic)>{{ $topic->label()
                                }}</option>
                        @endforeach
                    </select>
                    <label><input type="checkbox" name="is_pinned" value="1" @checked($phrase->is_pinned)>
                        pinned</label>
                    <button>Save</button>
                </form>
                <form method="post" action="{{ route('phrases.destroy', $phrase) }}" data-once>@csrf
                    @method('delete') <button class="plain">Take out</button></form>
            </div>
        @endforeach
    @empty
        <p>{{ $asked === '' ? 'None yet. At the desk, tick “keep the sentence” beside a note.'
            : 'None of yours says that.' }}</p>
    @endforelse
</x-layout>
