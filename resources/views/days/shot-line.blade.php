@use(TruePupil\Core\Day\ShotKind)
<fieldset class="day-edit day-edit-shot">
    <legend class="visually-hidden">A shot</legend>
    <input type="hidden" name="shots[{{ $index }}][id]" value="{{ $line['id'] ?? '' }}">
    <label class="day-edit-wide">Shot <input name="shots[{{ $index }}][title]" value="{{ $line['title'] ?? '' }}"
            maxlength="200" autocomplete="off" placeholder="the yard with the kiln, from the gate"></label>
    <label>For <select name="shots[{{ $index }}][kind]">
            @foreach (ShotKind::cases() as $kind)
                <option value="{{ $kind->value }}" @selected(($line['kind'] ?? '') === $kind->value)>
                    {{ $kind->label() }}</option>
            @endforeach
        </select></label>
    <label>Minutes <input name="shots[{{ $index }}][minutes]" value="{{ $line['minutes'] ?? 10 }}" maxlength="4"
            inputmode="numeric" autocomplete="off"></label>
    <label>At <span class="fine">if it has its hour</span> <input type="time" name="shots[{{ $index }}][at]"
            value="{{ $line['at'] ?? '' }}"></label>
    <label>Camera to <input name="shots[{{ $index }}][bearing]" value="{{ $line['bearing'] ?? '' }}" maxlength="20"
            autocomplete="off" placeholder="south-west"></label>
    <label class="day-edit-wide">Settings <input name="shots[{{ $index }}][settings]" list="ready-settings"
            value="{{ $line['settings'] ?? '' }}" maxlength="200" autocomplete="off"
            placeholder="1/15 panned, ƒ/11, ISO 100"></label>
    <label class="day-edit-wide">A safe one first <span class="fine">if these are a risk</span>
        <input name="shots[{{ $index }}][safe]" list="ready-settings" value="{{ $line['safe'] ?? '' }}"
            maxlength="200" autocomplete="off" placeholder="1/500, ƒ/4, ISO 400"></label>
</fieldset>
