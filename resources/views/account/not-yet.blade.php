@use(App\Models\Moments)
<x-layout title="New password">
    <div class="sheet narrow">
        <h1>Not yet</h1>
        <p>This link counts from {{ Moments::write($from, 'UTC', 'D MMMM, HH:mm') }} UTC, until
            {{ Moments::write($until, 'UTC', 'D MMMM, HH:mm') }} UTC. Until then whoever is signed in to the account can
            stop it: that keeps the account safe from somebody who only says that it is theirs.</p>
        <p class="fine">Keep the link, and follow it then.</p>
    </div>
</x-layout>
