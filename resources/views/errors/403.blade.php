<x-plain title="Not yours to open">
    This page belongs to somebody else, or to another role in the course. Nothing was changed. A link from a
    mail may also be too old, or cut short.
</x-plain>
