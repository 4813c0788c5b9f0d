<x-plain title="This link has been used">
    It was for once, or something newer has taken its place. Nothing was changed.
</x-plain>
