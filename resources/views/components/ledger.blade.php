@props(['ledger'])
<table class="ledger-table ledger">
    <caption>Light ledger <span class="fine">in stops; light as EV at ISO 100</span></caption>
    <thead>
        <tr>
            <th scope="col">Entry</th>
            <th scope="col">Setting</th>
            <th scope="col" class="num">Given</th>
            <th scope="col" class="num">Taken</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($ledger->lines as $line)
            <tr @class(['memo' => $line->memorandum])>
                <th scope="row">{{ $line->label }}</th>
                <td>{{ $line->setting }}</td>
                @if ($line->memorandum)
                    <td colspan="2" class="fine">noted; it shows in the values above</td>
                @else
                    <td class="num">
                        {{ ($line->stops->value >= 0 && $line->id !== 'wanted')
                            || ($line->id === 'wanted' && $line->stops->value > 0) ? $line->stops->amount() : '' }}
                    </td>
                    <td class="num">{{ $line->stops->value < 0 ? $line->stops->amount() : '' }}</td>
                @endif
            </tr>
        @endforeach
    </tbody>
    <tfoot>
        <tr @class([
            'balance',
            'off' => !$ledger->balance->isWithin(
                \TruePupil\Core\Exposure\Stops::of(1 / 3)),
        ])>
            <th scope="row" colspan="2">Balance:
                {{ $ledger->balance->isWithin(\TruePupil\Core\Exposure\Stops::of(1 / 3))
                    ? 'the subject sits where it belongs' : 'too '
                    . ($ledger->balance->value > 0 ? 'bright' : 'dark') }}
            </th>
            <td colspan="2" class="num">{{ $ledger->balance->signed() }}</td>
        </tr>
    </tfoot>
</table>
