@use(TruePupil\Core\Composition\MarkKind)
{{-- Rows are the truth; the picture shows them and marks.js draws into them. --}}
<div class="marks" data-marks data-most="{{ \TruePupil\Core\Composition\Marks::MOST }}">
    <div class="marks-tools">
        <label for="mark-kind">You draw</label>
        <select id="mark-kind" data-tool>
            <option value="subject" data-shape="subject">the subject</option>
            @foreach (MarkKind::cases() as $kind)
                <option value="{{ $kind->value }}"
                    data-shape="{{ $kind->isPoint() ? 'point' : ($kind->isLine() ? 'line' : 'area') }}">
                    {{ $kind->label() }}</option>
            @endforeach
        </select>
        <button type="button" data-add hidden>Add it in numbers</button>
        <button type="button" data-close hidden>Close this outline</button>
    </div>
    @error('marks')
        <p class="field-problem">{{ $message }}</p>
    @enderror
    <ul class="mark-rows" data-rows>
        @foreach ($marks as $index => $mark)
            @include('frames.mark-row', ['index' => $index, 'mark' => $mark])
        @endforeach
    </ul>
    <template data-row>@include('frames.mark-row',
        ['index' => 'NEW', 'mark' => ['kind' => '', 'points' => '']])</template>
</div>
