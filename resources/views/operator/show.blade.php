<x-layout title="The service">
    <h1>The service</h1>
    <section class="sheet">
        <h2>{{ trans_choice('{0} All parts are well|{1} One part needs a look|[2,*] :count parts need a look',
            count($wrong)) }}</h2>
        @if ($wrong !== [])
            <x-parts-table :parts="$wrong" />
        @endif
    </section>
    <section class="sheet">
        <h2>What could not be done</h2>
        @forelse ($failed as $job)
            <article class="title-row">
                <p><strong>{{ $job['name'] }}</strong> <span class="fine">{{ App\Models\Moments::write($job['at'],
                    'UTC', 'D MMM, HH:mm') }}</span><br>{{ $job['because'] }}</p>
                <div>
                    <form method="post" action="{{ route('operator.retry', $job['id']) }}" data-once>@csrf<button
                            class="primary">Try again</button></form>
                    <form method="post" action="{{ route('operator.forget', $job['id']) }}" data-once>@csrf
                        @method('delete')<button>Let it go</button></form>
                </div>
            </article>
        @empty
            <p>Nothing: every job was done.</p>
        @endforelse
    </section>
    <details class="sheet">
        <summary>{{ trans_choice('{1} One part is well|[2,*] :count parts are well', count($well)) }}</summary>
        <x-parts-table :parts="$well" />
    </details>
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
