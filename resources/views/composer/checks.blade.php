@use(App\Briefs\LimitText)
@use(App\Briefs\MeasureChoices)
@use(TruePupil\Core\Brief\Comparison)
@use(TruePupil\Core\Checks\Measures)
<section class="sheet" id="checks" aria-labelledby="composer-checks">
    <h2 id="composer-checks">Checks</h2>
    @forelse ($input->checks as $index => $check)
        <fieldset class="composer-check">
            <legend><span class="number">{{ $index + 1 }}</span></legend>
            <div class="composer-check-fields">
                <label class="composer-grow">Measure
                    <select name="checks[{{ $index }}][measure]" hx-post="{{ route('composer.checks', $course) }}"
                        hx-include="#composer" hx-target="#checks" hx-swap="outerHTML">
                        @foreach (MeasureChoices::groups() as $group => $measures)
                            <optgroup label="{{ $group }}">
                                @foreach ($measures as $one)
                                    <option value="{{ $one->id }}" @selected($check['measure'] === $one->id)>
                                        {{ $one->label }}{{ $one->unit ? ', ' . $one->unit : '' }}</option>
                                @endforeach
                            </optgroup>
                        @endforeach
                    </select></label>
                <label>must be <select name="checks[{{ $index }}][comparison]">
                        @foreach (Measures::find($check['measure'])?->comparisons() ?? Comparison::ofNumbers()
                            as $comparison)
                            <option value="{{ $comparison->value }}"
                                @selected($check['comparison'] === $comparison->value)>
                                {{ $comparison->label() }}</option>
                        @endforeach
                    </select>
                </label>
                @if (Measures::find($check['measure'])?->words)
                    <fieldset class="composer-words">
                        <legend class="visually-hidden">Words</legend>
                        @foreach (Measures::find($check['measure'])->words as $word => $label)
                            <label><input type="checkbox" name="checks[{{ $index }}][words][]"
                                    value="{{ $word }}" @checked(in_array($word, $check['words'], true))>
                                {{ $label }}</label>
                        @endforeach
                    </fieldset>
                @else
                    <label>Limit <span class="fine">{{ Measures::find($check['measure'])?->unit }}</span>
                        <input
                            name="checks[{{ $index }}][limit]" value="{{ $check['limit'] }}" maxlength="20"
                            placeholder="{{ $usual->example(Measures::find($check['measure'])) }}"></label>
                    <label>Close up to <span class="fine">{{
                            LimitText::toleranceUnit(Measures::find($check['measure'])) }}
                        beyond</span> <input
                            name="checks[{{ $index }}][tolerance]" value="{{ $check['tolerance'] }}"
                            maxlength="20" inputmode="decimal" placeholder="0"></label>
                @endif
            </div>
            @if ($usual->of(Measures::find($check['measure'])))
                <p class="fine">Elsewhere: {{ implode('; ',
                    $usual->of(Measures::find($check['measure']))) }}.</p>
            @endif
            <label>In your words <span class="fine">left empty, the plain sentence is used</span> <input
                    name="checks[{{ $index }}][sentence]" value="{{ $check['sentence'] }}"
                    maxlength="2000"></label>
            <label>Why it matters <input name="checks[{{ $index }}][reason]" value="{{ $check['reason'] }}"
                    maxlength="2000" required></label>
            @if ($input->rows)
                <label>Asked of row <select name="checks[{{ $index }}][row]">
                        <option value="">every frame</option>
                        @foreach ($input->rows as $row)
                            @if ($row['id'] !== '')
                                <option value="{{ $row['id'] }}"
                                    @selected($check['row'] === $row['id'])>{{ $row['label'] }}
                                </option>
                            @endif
                        @endforeach
                    </select></label>
            @endif
            <button type="button" class="plain" hx-post="{{ route('composer.checks', $course) }}"
                hx-include="#composer" hx-vals='{"drop": {{ $index }}}' hx-target="#checks" hx-swap="outerHTML"
                aria-label="Remove check {{ $index + 1 }}">Remove</button>
        </fieldset>
    @empty
        <p>No check yet. A brief without checks is read by the instructor alone.</p>
    @endforelse
    <button type="button" hx-post="{{ route('composer.checks', $course) }}" hx-include="#composer"
        hx-vals='{"add": 1}' hx-target="#checks" hx-swap="outerHTML">Add a check</button>
    <div class="composer-copy">
        <label for="from-check">or begin with one of another brief <select id="from-check" name="from_check">
                @foreach ($briefs as $other)
                    <optgroup label="{{ $other->words->title }}">
                        @foreach ($other->checks as $one)
                            <option value="{{ $other->id }}/{{ $one->id }}">{{ $one->sentence }}</option>
                        @endforeach
                    </optgroup>
                @endforeach
            </select></label>
        <button type="button" hx-post="{{ route('composer.checks', $course) }}" hx-include="#composer"
            hx-vals='{"copy": 1}' hx-target="#checks" hx-swap="outerHTML">Add that one</button>
    </div>
    <div id="trial-slot" hx-post="{{ route('composer.try', $course) }}" hx-include="#composer"
        hx-trigger="load delay:50ms, change from:#composer delay:200ms, input from:#composer delay:800ms"
        hx-target="#trial" hx-swap="outerHTML" hx-sync="this:replace"></div>
    @isset($tried)
        @include('composer.trial')@else<div id="trial" aria-live="polite"></div>
    @endisset
</section>
