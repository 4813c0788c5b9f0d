@props(['rows'])
<table class="ledger-table record">
    <caption>Capture record</caption>
    <tbody>
        @foreach ($rows as $row)
            @if ($row->value !== null)
                <tr>
                    <th scope="row">{{ $row->label }}</th>
                    <td>{{ $row->value }}</td>
                    <td class="fine">{{ $row->source?->label() }}</td>
                </tr>
            @endif
        @endforeach
    </tbody>
</table>
@if ($missing = \App\View\Presenters\RecordTable::missing($rows))
    <p class="fine">Not recorded: {{ $missing }}.</p>
@endif
