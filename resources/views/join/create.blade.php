<x-layout title="Join a course">
    <div class="sheet narrow">
        <h1>Join a course</h1>
        <form method="post" action="{{ route('join') }}">
            @csrf
            <label for="code">Course code</label>
            <input id="code" name="code" value="{{ old('code', $code) }}" autocapitalize="characters" autocomplete="off" required class="code">
            @guest
                <label for="name">Your name, as the course knows you</label>
                <input id="name" name="name" value="{{ old('name') }}" autocomplete="name" required>
                <label for="email">E-mail address</label>
                <input id="email" name="email" type="email" value="{{ old('email') }}" autocomplete="username" required>
                <label for="password">Password <span class="fine">ten characters or more</span></label>
                <input id="password" name="password" type="password" autocomplete="new-password" minlength="10" required>
            @endguest
            <button class="primary">Join</button>
        </form>
        @guest<p class="fine">Already a member somewhere? <a href="{{ route('sign-in') }}">Sign in</a> first.</p>@endguest
    </div>
</x-layout>
