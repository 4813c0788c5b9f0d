@use(TruePupil\Core\Composition\DistractionKind)
@use(TruePupil\Core\Composition\WayOut)
<li data-mark-row>
    <input type="hidden" name="marks[{{ $index }}][kind]" value="{{ $mark['kind'] ?? '' }}" data-kind>
    <label><span
            data-name>{{ ucfirst(\TruePupil\Core\Composition\MarkKind::tryFrom((string) ($mark['kind'] ?? ''))?->label()
                ?? '') }}</span>
        <input name="marks[{{ $index }}][points]" value="{{ $mark['points'] ?? '' }}" data-points maxlength="600"
            autocomplete="off" spellcheck="false" aria-describedby="mark-how"></label>
    <button type="button" data-remove>Remove</button>
    <div class="mark-distraction" data-only="distraction" @if (($mark['kind'] ?? '') !== 'distraction') hidden @endif>
        <label>It is <select name="marks[{{ $index }}][what]">
                <option value="">not said</option>
                @foreach (DistractionKind::cases() as $what)
                    <option value="{{ $what->value }}" @selected(($mark['what'] ?? '') === $what->value)>
                        {{ $what->label() }}</option>
                @endforeach
            </select></label>
        <details @if ($mark['tried'] ?? []) open @endif>
            <summary>What did you try?</summary>
            @foreach (WayOut::cases() as $way)
                <label class="choice"><input type="checkbox" name="marks[{{ $index }}][tried][]"
                        value="{{ $way->value }}" @checked(in_array($way->value, $mark['tried'] ?? [], true))>
                    {{ $way->label() }}</label>
            @endforeach
        </details>
    </div>
</li>
