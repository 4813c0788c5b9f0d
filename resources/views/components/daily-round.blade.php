@props(['round'])
<p class="daily-round" role="img" aria-label="{{ $round->done() }} of {{ $round::LENGTH }} today, {{ $round->right() }}
    right">
    @foreach ($round->marks() as $mark)
        <span @class(['round-mark', 'round-right' => $mark === true, 'round-wrong' => $mark === false])></span>
    @endforeach
</p>
