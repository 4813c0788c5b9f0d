<x-plain title="Nothing here">
    There is no such page. It may have been taken away, or the address is mistyped.
</x-plain>
