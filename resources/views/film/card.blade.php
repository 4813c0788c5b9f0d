<x-layout :title="$view->roll->name . ': card'" keeps>
    <article class="sheet pocket log-card">
        <h1>{{ $view->roll->name }}</h1>
        <p>{{ $view->roll->film->name }} · exposed at {{ $view->roll->index() }} · {{ $view->roll->development() }}</p>
        <table>
            <thead>
                <tr>
                    @foreach (['', 'ƒ', 'time', 'lens', 'filter', 'EV', 'read from', 'note'] as $heading)
                        <th scope="col">{{ $heading }}</th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ($view->log->numbers() as $number)
                    <tr>
                        <th scope="row">{{ $number }}</th>
                        @foreach (['aperture', 'time', 'lens', 'filter', 'reading', 'from', 'word'] as $field)
                            <td>{{ $view->text($number, $field) }}</td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
        <p class="fine">Read from: shadow, mid, highlight, or incident (the light that falls on it).</p>
    </article>
    <p class="no-print"><button type="button" data-print>Print</button> <a class="button"
            href="{{ route('film.show', $view->stored) }}">Back to the log</a></p>
</x-layout>
