<x-plain title="Something broke on our side">
    It has been written to the log. What was stored before is safe. Go back: what you typed is still in the
    form; then try again.
</x-plain>
