<x-layout title="Drills">
    <p class="eyebrow"><a href="{{ route('practice') }}">Practice camera</a></p>
    <h1>Drills</h1>
    <p class="lead-text">Short questions in the units of the trade. What you miss comes back after ten minutes, a day,
        three days, a week and three weeks, until you know it; three right in a row make a kind harder.</p>
    <section class="sheet daily" aria-labelledby="today">
        <h2 id="today">{{ $round->isOver() ? 'Today’s round is done: ' . $round->right() . ' of five right'
            : 'Five a day' }}</h2>
        <x-daily-round :round="$round" />
        <p><a class="button {{ $round->isOver() ? '' : 'primary' }}"
                href="{{ route('drills.next') }}">{{ $round->isOver() ? 'One more'
                : ($round->done() ? 'Go on' : 'Begin') }}</a></p>
    </section>
    <table class="ledger-table drills-table drills-own sheet">
        <thead>
            <tr>
                <th scope="col">Kind</th>
                <th scope="col" class="num">Level</th>
                <th scope="col" class="num">Right of the last {{ App\Practice\Drills::RECENT }}</th>
                <th scope="col" class="num">Coming back</th>
                <th scope="col"><span class="visually-hidden">Practise</span></th>
            </tr>
        </thead>
        <tbody>
            @foreach ($record as $row)
                <tr>
                    <th scope="row">{{ $row['kind']->label() }}<br><span
                            class="fine">{{ $row['kind']->about() }}</span></th>
                    <td class="num" data-label="level">{{ $row['level'] }} of
                        {{ TruePupil\Core\Drill\Spacing::HARDEST }}</td>
                    <td class="num" data-label="right">{{ $row['asked'] === 0 ? 'not asked yet'
                        : $row['right'] . ' of ' . $row['asked'] }}
                    </td>
                    <td class="num" data-label="coming back">{{ $row['coming'] ?: '–' }}</td>
                    <td><a href="{{ route('drills.next', ['kind' => $row['kind']]) }}">Practise<span
                                class="visually-hidden"> {{ $row['kind']->label() }}</span></a></td>
                </tr>
            @endforeach
        </tbody>
    </table>
</x-layout>
