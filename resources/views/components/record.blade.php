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
@php($gaps = array_filter($rows, fn($row) => $row->value === null && $row->asked))
@if ($gaps)
    <p class="fine">Not recorded: {{ implode(', ', array_map(fn($row) => lcfirst($row->label), $gaps)) }}.</p>
@endif
