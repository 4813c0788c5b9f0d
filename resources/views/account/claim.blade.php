<x-layout title="Take your place">
    <div class="sheet narrow">
        <h1>{{ $unclaimed->name }}, take your place</h1>
        <p>{{ $courses->pluck('name')->join(', ', ' and ') }} moved here from another installation, with what you handed
            in and wrote there.</p>
        @auth
            <p>You are signed in as {{ auth()->user()->name }}. Everything goes into that account.</p>
            <form method="post" action="{{ $url }}" data-once>@csrf<button class="primary">Bring it into my
                    account</button></form>
        @else
            <form method="post" action="{{ $url }}" data-once>@csrf
                <label for="name">Your name, as the course knows you</label>
                <input id="name" name="name" value="{{ old('name', $unclaimed->name) }}" autocomplete="name" required>
                <label for="email">E-mail address</label>
                <input id="email" name="email" type="email" value="{{ old('email') }}" autocomplete="username"
                    required>
                <label for="password">Password <span class="fine">twelve characters or more</span></label>
                <input id="password" name="password" type="password" autocomplete="new-password" minlength="12"
                    required>
                <button class="primary">Make it mine</button>
            </form>
            <p class="fine">Do you have an account here already? <a href="{{ route('sign-in') }}">Sign in</a> first,
                then follow the link again.</p>
        @endauth
    </div>
</x-layout>
