<x-layout title="Join a course">
    <div class="sheet narrow">
        <h1>Join a course</h1>
        <form method="post" action="{{ route('join') }}">
            @csrf
            <label for="code">Course code</label>
            <input id="code" name="code" value="{{ old('code', $code) }}" autocapitalize="characters"
                autocomplete="off" required class="code">
            @guest
                <x-account-fields />
            @endguest
            <button class="primary">Join</button>
        </form>
        @guest<p class="fine">Already a member somewhere? <a href="{{ route('sign-in') }}">Sign in</a> first.</p>
        @endguest
    </div>
</x-layout>
