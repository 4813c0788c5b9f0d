@props(['course', 'id', 'due', 'opens', 'closes', 'hidden'])
<div class="date-row">
    @foreach (['opens_at' => ['Opens', $opens], 'due_at' => ['Due', $due], 'closes_at' => ['Closes', $closes]]
        as $field => [$label, $moment])
        <label for="{{ $field }}-{{ $id }}">{{ $label }}
            <input id="{{ $field }}-{{ $id }}" type="datetime-local" name="{{ $field }}"
                value="{{ old($field, $course->formMoment($moment)) }}"></label>
    @endforeach
</div>
<p class="fine">In the time of {{ $course->timezone }}; each can stay empty. Before it opens students see its title and
    date; what comes after it is due is late and still taken, until it closes.</p>
<label class="choice"><input type="checkbox" name="hidden" value="1" @checked(old('hidden', $hidden))> Hide it from
    students who have not begun it</label>
