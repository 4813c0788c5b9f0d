@props(['before', 'after', 'beforeName', 'afterName', 'caption'])
<table class="ledger-table ledger">
    <caption>Light ledger, {{ $caption }} <span class="fine">lines that moved are marked ▸</span></caption>
    <thead>
        <tr>
            <th scope="col">Entry</th>
            <th scope="col">{{ $beforeName }}</th>
            <th scope="col">{{ $afterName }}</th>
            <th scope="col" class="num">Moved</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($after->against($before) as $row)
            <tr @class(['moved' => $row['moved']])>
                <th scope="row">{{ $row['moved'] ? '▸ ' : '' }}{{ $row['label'] }}</th>
                <td>{{ $row['before']?->setting ?? '–' }}</td>
                <td>{{ $row['after']?->setting ?? '–' }}</td>
                <td class="num">{{ $row['change'] === null ? '–'
                    : ($row['moved'] ? $row['change']->signed() : '·') }}</td>
            </tr>
        @endforeach
    </tbody>
    <tfoot>
        <tr class="balance">
            <th scope="row">Balance</th>
            <td>{{ $before->balance->signed() }}</td>
            <td>{{ $after->balance->signed() }}</td>
            <td class="num">{{ $after->balance->minus($before->balance)->signed() }}</td>
        </tr>
    </tfoot>
</table>
