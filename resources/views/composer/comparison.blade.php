@use(App\Briefs\MeasureChoices)
@use(TruePupil\Core\Brief\Comparison)
@use(TruePupil\Core\Checks\Measures)
<select name="checks[{{ $index }}][comparison]" aria-label="How it is compared">
    @foreach (Measures::find($check['measure'])?->comparisons() ?? Comparison::ofNumbers() as $comparison)
        <option value="{{ $comparison->value }}" @selected($check['comparison'] === $comparison->value)>
            {{ MeasureChoices::compared(Measures::find($check['measure']), $comparison) }}</option>
    @endforeach
</select>
