<x-layout title="Pocket cards" wide keeps>
    <p class="no-print"><button type="button" class="primary" data-print>Print</button> <a class="button"
            href="{{ route('banks') }}">Back</a> <span class="fine">Pupils are drawn to scale: print at 100 %.</span>
    </p>
    <div class="cards">
        @foreach ($cards as $card)
            <article class="pocket-card"><x-bank-card :card="$card" pocket /></article>
        @endforeach
    </div>
</x-layout>
