<p class="word word-problem">
    {{ $problem }}@if ($isSeen ?? true)
        The finder still shows what you saw last.
    @endif
</p>
