@use(App\Briefs\CheckScale)
@use(App\Briefs\LimitText)
@use(App\Briefs\MeasureChoices)
@use(TruePupil\Core\Checks\Measures)
<section class="sheet" id="checks" aria-labelledby="composer-checks">
    <h2 id="composer-checks">What is checked</h2>
    @forelse ($input->checks as $index => $check)
        <fieldset class="composer-check">
            <legend><span class="number" aria-hidden="true">{{ $index + 1 }}</span><span
                    class="visually-hidden">Check {{ $index + 1 }}</span></legend>
            @if ($check['from'] !== '')
                <input type="hidden" name="checks[{{ $index }}][from]" value="{{ $check['from'] }}">
            @endif
            <input type="hidden" name="was[{{ $index }}]" value="{{ $check['measure'] }}">
            <div class="composer-sentence">
                <select name="checks[{{ $index }}][measure]" aria-label="Measure"
                    hx-post="{{ route('composer.checks', $course) }}" hx-include="#composer" hx-target="#checks"
                    hx-swap="outerHTML">
                    @foreach (MeasureChoices::groups() as $group => $measures)
                        <optgroup label="{{ $group }}">
                            @foreach ($measures as $one)
                                <option value="{{ $one->id }}" @selected($check['measure'] === $one->id)>
                                    {{ ucfirst($one->label) }}</option>
                            @endforeach
                        </optgroup>
                    @endforeach
                </select>
                @if (Measures::find($check['measure'])?->words)
                    @include('composer.comparison')
                    <fieldset class="composer-words">
                        <legend class="visually-hidden">Words</legend>
                        @foreach (Measures::find($check['measure'])->words as $word => $label)
                            <label><input type="checkbox" name="checks[{{ $index }}][words][]"
                                    value="{{ $word }}" @checked(in_array($word, $check['words'], true))>
                                {{ $label }}</label>
                        @endforeach
                    </fieldset>
                @elseif ($levels = MeasureChoices::levels(Measures::find($check['measure']), $check['limit']))
                    <select name="checks[{{ $index }}][limit]" aria-label="Limit">
                        @foreach ($levels as $limit => $word)
                            <option value="{{ $limit }}" @selected((string) $limit === $check['limit'])>
                                {{ $word }}</option>
                        @endforeach
                    </select>
                    @include('composer.comparison')
                    <input type="hidden" name="checks[{{ $index }}][tolerance]" value="{{ $check['tolerance'] }}">
                @else
                    <label><span class="visually-hidden">Limit</span> <input class="composer-value"
                            name="checks[{{ $index }}][limit]" value="{{ $check['limit'] }}" maxlength="20"
                            placeholder="{{ $usual->example(Measures::find($check['measure'])) }}"> {{
                                LimitText::unitBeside(Measures::find($check['measure'])) }}</label>
                    @include('composer.comparison')
                    <label class="composer-up-to"><span class="visually-hidden">Second limit</span> <input
                            class="composer-value" name="checks[{{ $index }}][upTo]" value="{{ $check['upTo'] }}"
                            maxlength="20"> {{ LimitText::unitBeside(Measures::find($check['measure'])) }}</label>
                    <label>close within <input class="composer-value" name="checks[{{ $index }}][tolerance]"
                            value="{{ $check['tolerance'] }}" maxlength="20" inputmode="decimal" placeholder="0"> {{
                                LimitText::toleranceUnit(Measures::find($check['measure'])) }}</label>
                @endif
                <button type="button" class="plain" hx-post="{{ route('composer.checks', $course) }}"
                    hx-include="#composer" hx-vals='{"drop": {{ $index }}}' hx-target="#checks" hx-swap="outerHTML"
                    aria-label="Remove check {{ $index + 1 }}">remove</button>
            </div>
            @if ($scale = CheckScale::of(Measures::find($check['measure']), $check['comparison'], $check['limit'],
                $check['upTo']))
                <div class="check-scale" data-check-scale="{{ json_encode($scale->steps) }}"
                    data-check="{{ $index }}" @if ($scale->isInStops) data-in-stops @endif hidden></div>
            @endif
            @if ($check['from'] !== '')
                <p class="fine composer-from">As in “{{ $check['from'] }}”.</p>
            @endif
            <label class="composer-why">Why it matters <input name="checks[{{ $index }}][reason]"
                    value="{{ $check['reason'] }}" maxlength="2000" required></label>
            <details @if ($check['sentence'] !== '' || $check['row'] !== '') open @endif>
                <summary>In your own words{{ array_filter(array_column($input->rows, 'id')) ? ', or of one row' : ''
                    }}</summary>
                <label>Sentence for the student <span class="fine">left empty, the plain one is used</span> <input
                        name="checks[{{ $index }}][sentence]" value="{{ $check['sentence'] }}"
                        maxlength="2000"></label>
                @if (array_filter(array_column($input->rows, 'id')))
                    <label>Asked of row <select name="checks[{{ $index }}][row]">
                            <option value="">every frame</option>
                            @foreach ($input->rows as $row)
                                @if ($row['id'] !== '')
                                    <option value="{{ $row['id'] }}" @selected($check['row'] === $row['id'])>
                                        {{ $row['label'] }}</option>
                                @endif
                            @endforeach
                        </select></label>
                @endif
                @if ($usual->of(Measures::find($check['measure'])))
                    <p class="fine">Elsewhere: {{ implode('; ', $usual->of(Measures::find($check['measure']))) }}.</p>
                @endif
            </details>
        </fieldset>
    @empty
        <p>No check yet. A brief without checks is read by the instructor alone.</p>
    @endforelse
    <div class="composer-topics" role="group" aria-labelledby="composer-add">
        <p id="composer-add">Add a check about</p>
        @foreach (MeasureChoices::TOPICS as $measure => $topic)
            <button type="button" hx-post="{{ route('composer.checks', $course) }}" hx-include="#composer"
                hx-vals='{"add": "{{ $measure }}"}' hx-target="#checks" hx-swap="outerHTML">{{ $topic }}</button>
        @endforeach
    </div>
    <div class="composer-copy">
        <label for="from-check">or begin with one of another brief <select id="from-check" name="from_check">
                @foreach ($briefs as $other)
                    <optgroup label="{{ $other->words->title }}">
                        @foreach ($other->checks as $one)
                            <option value="{{ $other->id }}/{{ $one->id }}">{{ $one->sentence }} (from
                                “{{ $other->words->title }}”)</option>
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
</section>
