<x-layout title="The service">
    <h1>The service</h1>
    <section class="sheet">
        <h2>{{ $wrong === [] ? 'All parts are well' : trans_choice(
            '{1} One part needs a look|[2,*] :count parts need a look', count($wrong)) }}</h2>
        <table class="ledger-table">
            <thead><tr><th scope="col">Part</th><th scope="col">How it is</th></tr></thead>
            <tbody>
                @foreach ([...$wrong, ...$well] as $name => $part)
                    <tr>
                        <th scope="row">{{ ucfirst($name) }}</th>
                        <td>@unless ($part->ok)<strong>Look: </strong>@endunless{{ $part->says }}
                            @foreach ($part->figures as $figure => $value)
                                <span class="fine">{{ str_replace('_', ' ', $figure) }} {{ $value }}</span>
                            @endforeach
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
    <section class="sheet">
        <h2>What could not be done</h2>
        @forelse ($failed as $job)
            <article class="failed-job">
                <p><strong>{{ $job['name'] }}</strong> <span class="fine">{{ App\Models\Moments::write($job['at'],
                    'UTC', 'D MMM, HH:mm') }}</span><br>{{ $job['because'] }}</p>
                <form method="post" action="{{ route('operator.retry', $job['id']) }}" data-once>@csrf<button>Try
                        again</button></form>
                <form method="post" action="{{ route('operator.forget', $job['id']) }}" data-once>@csrf
                    @method('delete')<button class="quiet">Let it go</button></form>
            </article>
        @empty
            <p>Nothing: every job was done.</p>
        @endforelse
    </section>
    @if ($nodes !== [])
        <section class="sheet">
            <h2>Who is at work</h2>
            <table class="ledger-table">
                <thead>
                    <tr>
                        <th scope="col">Node</th>
                        <th scope="col">Workers</th>
                        <th scope="col">Busy</th>
                        <th scope="col">Version</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($nodes as $node)
                        <tr>
                            <th scope="row">{{ $node['name'] }}</th>
                            <td>{{ $node['workers'] }}</td>
                            <td>{{ $node['busy'] }}</td>
                            <td>{{ $node['version'] }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endif
</x-layout>
