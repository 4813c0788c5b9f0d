@props(['note', 'group' => null, 'number' => null])
<article class="note note-{{ $note->kind->value }}">
    <p>@if ($number)<b class="note-number">{{ $number }}</b>@endif <b>{{ $note->kind->label() }}</b>
        @if ($note->topic)
            <span class="fine">{{ $note->topic->label() }}</span>
        @endif
        @if ($note->fixed)
            <span class="fine">{{ $note->fixed === 'field' ? 'in the field' : 'afterwards' }}</span>
        @endif
        @if ($group?->agrees())
            <span class="agree">{{ count($group->authors()) }} agree: {{ implode(', ', $group->authors()) }}</span>
        @else
            <span class="fine">{{ $note->author->name }}</span>
        @endif
        @if ($note->region || $note->pointing)
            <span class="fine">at the mark in the picture</span>
        @endif
        {{ $slot }}
    </p>
    <x-voice :note="$note" />
    <p class="note-body">{{ $note->body }}</p>
</article>
