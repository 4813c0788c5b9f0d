@use(TruePupil\Core\Day\ScoutKind)
<div class="day-edit day-edit-scouting">
    <input type="hidden" name="scouting[{{ $index }}][id]" value="{{ $line['id'] ?? '' }}">
    <label>Kind <select name="scouting[{{ $index }}][kind]">
            @foreach (ScoutKind::cases() as $kind)
                <option value="{{ $kind->value }}" @selected(($line['kind'] ?? '') === $kind->value)>
                    {{ $kind->label() }}</option>
            @endforeach
        </select></label>
    <label>What <input name="scouting[{{ $index }}][text]" value="{{ $line['text'] ?? '' }}" maxlength="200"
            autocomplete="off" placeholder="the neon tube over the wheel"></label>
</div>
