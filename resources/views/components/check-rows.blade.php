{{-- A line each; what stands behind it opens. --}}
@props(['checks'])
<ol class="check-rows">
    @foreach (\App\View\Presenters\CheckRow::all($checks) as $check)
        <li class="check-row check-{{ $check->verdict->value }}">
            <details>
                <summary><span class="verdict">{{ $check->verdict->label() }}</span>
                    <span class="check-says">{{ $check->sentence }}</span>
                    <span class="check-value">{{ $check->missing ? '–' : $check->value }}</span></summary>
                <p class="fine">{{ $check->missing ? 'Needs ' . $check->missing . '.'
                    : ucfirst($check->measure) . ': ' . $check->value . $check->margin . '. ' . $check->reason }}</p>
            </details>
        </li>
    @endforeach
</ol>
