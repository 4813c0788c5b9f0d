<li data-mark-row>
    <input type="hidden" name="marks[{{ $index }}][kind]" value="{{ $mark['kind'] ?? '' }}" data-kind>
    <label><span
            data-name>{{ ucfirst(\TruePupil\Core\Composition\MarkKind::tryFrom((string) ($mark['kind'] ?? ''))?->label()
                ?? '') }}</span>
        <input name="marks[{{ $index }}][points]" value="{{ $mark['points'] ?? '' }}" data-points maxlength="600"
            autocomplete="off" spellcheck="false" aria-describedby="mark-how"></label>
    <button type="button" data-remove>Remove</button>
</li>
