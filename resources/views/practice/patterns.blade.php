<table class="ledger-table">
    <thead>
        <tr>
            <th scope="col">Pattern</th>
            <th scope="col" class="num">Stops from mid-grey</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($verdicts as $pattern => $stops)
            <tr>
                <th scope="row">{{ TruePupil\Core\Metering\MeteringPattern::from($pattern)->label() }}</th>
                <td class="num">{{ $stops->signed() }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
