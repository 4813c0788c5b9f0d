<x-layout title="Bench">
    <h1>Bench</h1>
    <p class="lead-text">Every number of the trade, one sheet each. Answers follow while you type, and the address of a
        sheet holds its values: send it to whoever should see the same. <a href="{{ route('words') }}">The words of the
            trade</a> are explained, too.</p>
    <section aria-labelledby="together" class="bench-together">
        <h2 id="together">Putting it together</h2>
        <div class="bench-large">
            @foreach ($together as $calculator)
                <a class="sheet bench-card" href="{{ route('bench.show', $calculator->id()) }}">
                    <b>{{ $calculator->sheet()->title }}</b>
                    <span class="fine">{{ $calculator->sheet()->lead }}</span></a>
            @endforeach
        </div>
    </section>
    <div class="bench-topics">
        @foreach ($topics as $topic => $calculators)
            <section class="sheet" aria-label="{{ $topic }}">
                <h2>{{ $topic }}</h2>
                <ul class="bench-list">
                    @foreach ($calculators as $calculator)
                        <li><a href="{{ route('bench.show', $calculator->id()) }}">{{ $calculator->sheet()->title }}</a>
                        </li>
                    @endforeach
                </ul>
            </section>
        @endforeach
    </div>
</x-layout>
