@props(['parts'])
<table class="ledger-table">
    <thead>
        <tr>
            <th scope="col">Part</th>
            <th scope="col">How it is</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($parts as $name => $part)
            <tr>
                <th scope="row">{{ ucfirst($name) }}</th>
                <td>{{ $part->says }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
