<x-layout title="Words of the trade">
    <h1>Words of the trade</h1>
    <p class="fine">Where one of them is met first on a page it is dotted underneath: a tap, or the keyboard, says what
        it means.</p>
    <dl class="words">
        @foreach ($terms as $term)
            <div id="{{ $term->id }}">
                <dt>{{ $term->term }}</dt>
                <dd>@include('words.drawing'){{ $term->says }}</dd>
            </div>
        @endforeach
    </dl>
</x-layout>
