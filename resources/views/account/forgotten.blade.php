<x-layout title="Forgotten password">
    <div class="sheet narrow">
        <h1>Forgotten password</h1>
        @if ($hasMail)
            <form method="post" action="{{ route('password.forgotten') }}" data-once>
                @csrf
                <label for="email">Your confirmed e-mail address</label>
                <input id="email" name="email" type="email" value="{{ old('email') }}" autocomplete="username" required
                    autofocus>
                <button class="primary">Send me a link</button>
            </form>
            <p class="fine">Is your address not confirmed, or does no mail come? Your instructor can make a link for
                you, under Members.</p>
        @else
            <p>This installation sends no mail. Your instructor can make a link for you, under Members; whoever runs
                the installation can make one for anybody.</p>
        @endif
        <p class="fine"><a href="{{ route('sign-in') }}">Back to signing in</a></p>
    </div>
</x-layout>
