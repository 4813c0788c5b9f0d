@if ($sheet->range)
    <div class="sheet">
        <h2>Range</h2>
        <p>{{ $sheet->range->sentence() }}</p>
    </div>
@endif
