<x-plain title="Too large">
    What was sent is larger than is taken here. Nothing was kept of it; hand in a smaller export.
</x-plain>
