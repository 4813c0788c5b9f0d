<x-plain title="The disk is full">
    What you sent could not be stored, and nothing of it was kept. What was stored before is safe. Tell whoever
    runs this installation, and keep your files.
</x-plain>
