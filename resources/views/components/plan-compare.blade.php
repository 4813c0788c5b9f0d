@props(['comparison'])
<table class="ledger-table plan-compare">
    <caption>Planned and taken</caption>
    <thead>
        <tr>
            <th scope="col">Value</th>
            <th scope="col">Planned</th>
            <th scope="col">Taken</th>
            <th scope="col">Kept?</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($comparison->differences as $line)
            <tr @class(['moved' => !$line->isKept])>
                <th scope="row">{{ $line->name === 'ISO' ? 'ISO' : ucfirst($line->name) }}</th>
                <td>{{ $line->planned }}</td>
                <td>{{ $line->taken }}</td>
                <td>{{ $line->isKept ? 'kept'
                    : ($line->stops === null ? 'changed' : \TruePupil\Core\Exposure\Stops::of($line->stops)->inWords()
                    . ($line->stops > 0 ? ' more light' : ' less light')) }}
                </td>
            </tr>
        @endforeach
    </tbody>
</table>
