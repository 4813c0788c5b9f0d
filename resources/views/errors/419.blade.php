<x-plain title="Open for too long">
    This page had been open too long for its form to count. Go back: what you typed is still there. Then press
    the button again.
</x-plain>
