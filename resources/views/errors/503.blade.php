<x-plain title="Back in a moment">
    The application is starting, being looked after, or waiting for a part of it that is away. What was stored is
    safe. Go back in a minute: what you typed is still in the form.
</x-plain>
