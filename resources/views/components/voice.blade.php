{{-- What was spoken with a note. --}}
@props(['note'])
@if ($note->voice)
    <audio controls preload="none" src="{{ route('notes.voice', $note) }}"
        aria-label="Spoken by {{ $note->author->name }}, {{ $note->voice->seconds }} seconds"></audio>
@endif
