<x-plain title="Slow down a little">
    Too many requests in a short time. Wait a minute, then try again; nothing was lost.
</x-plain>
