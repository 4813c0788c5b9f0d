@use(TruePupil\Core\Plan\LightCondition)
<div class="brief-reach" id="reach-{{ $brief->id }}" role="status">
    <p><b>Before you set it:</b> {{ implode(' ', $reach->sentences()) }}</p>
    <label class="inline">In which light? <select name="light" hx-trigger="change"
            hx-get="{{ route('set-briefs.reach', ['course' => $course, 'brief' => $brief->id]) }}"
            hx-target="#reach-{{ $brief->id }}" hx-swap="outerHTML">
            <option value="">any</option>
            @foreach (LightCondition::cases() as $condition)
                <option value="{{ $condition->value }}" @selected($reach->light === $condition)>
                    {{ $condition->label() }}</option>
            @endforeach
        </select></label>
</div>
