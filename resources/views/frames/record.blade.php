<table class="ledger-table record">
    <caption>What the file records</caption>
    <tbody>
        @foreach ($view->record as $row)
            @if (($row->value !== null || $row->isAsked()) && !$view->missing()->asks($row->field)
                && !($row->field === 'support' && $view->missing()->asksSupport))
                <tr>
                    <th scope="row"><label for="stated-{{ $row->field }}">{{ $row->label }}</label></th>
                    @if ($row->isAsked())
                        <td colspan="2">@include('frames.stated-field')</td>
                    @else
                        <td>{{ $row->value ?? '–' }}</td>
                        <td class="fine">{{ $row->source?->label() }}</td>
                    @endif
                </tr>
            @endif
        @endforeach
    </tbody>
</table>
@if ($view->saysPlace())
    <p class="fine">This kind of file cannot be written, so where it was taken is still in it. Hand in a JPEG instead if
        nobody should learn it.</p>
@endif
