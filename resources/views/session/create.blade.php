<x-layout title="Sign in">
    <div class="sheet narrow">
        <h1>Sign in</h1>
        <form method="post" action="{{ route('sign-in') }}">
            @csrf
            <label for="email">E-mail address</label>
            <input id="email" name="email" type="email" value="{{ old('email') }}" autocomplete="username" required
                autofocus>
            <label for="password">Password</label>
            <input id="password" name="password" type="password" autocomplete="current-password" required>
            <label class="tick-label-row"><input type="checkbox" name="remember" value="1"> Keep me signed in on
                this device</label>
            <button class="primary">Sign in</button>
        </form>
        <p class="fine"><a href="{{ route('password.forgotten') }}">Forgotten password</a></p>
        <p class="fine">New here? <a href="{{ route('join') }}">Join a course with its
                code</a>{{ $mayStart ? ', or' : '.' }}
            @if ($mayStart)
                <a href="{{ route('start') }}">start a course of your own</a>.
            @endif
        </p>
    </div>
</x-layout>
