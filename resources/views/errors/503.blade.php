<x-plain title="Back in a moment">
    The application is starting, being looked after, or waiting for its database. What was stored is safe. Go
    back in a minute: what you typed is still in the form.
</x-plain>
