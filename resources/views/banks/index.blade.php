<x-layout title="Settings banks" wide keeps>
    <p class="eyebrow"><a href="{{ route('kit.edit') }}">Your kit</a></p>
    <div class="title-row">
        <h1>Settings banks</h1>
        @if ($cards)
            <a class="button" href="{{ route('banks.print') }}">Pocket cards</a>
        @endif
    </div>
    <p class="lead-text">A starting point for each kind of subject, stored on a slot of your body. Store the widest
        aperture: a lens that has less closes it by itself, and you see here by how much.</p>
    <form method="get" action="{{ route('banks.create') }}" class="inline-form sheet">
        <label for="kind">Start one for</label>
        <select id="kind" name="kind">
            @foreach ($kinds as $kind)
                <option value="{{ $kind->value }}">{{ $kind->label() }}</option>
            @endforeach
        </select>
        <button class="primary">Begin</button>
    </form>
    <div class="bank-cards">
        @forelse ($cards as $card)
            <article class="sheet bank-card">
                <x-bank-card :card="$card" />
                <p class="brief-tools"><a href="{{ route('banks.edit', $card->id) }}">Change it</a></p>
            </article>
        @empty
            <p class="sheet">No bank yet. Begin with the subject that you photograph most.</p>
        @endforelse
    </div>
</x-layout>
