<x-layout title="New password">
    <div class="sheet narrow">
        <h1>New password</h1>
        <form method="post" action="{{ $action }}" data-once>
            @csrf
            @if ($isMethodPut)
                @method('put')
                <input type="hidden" name="token" value="{{ $token }}">
                <input type="hidden" name="email" value="{{ $email }}">
            @endif
            @if ($email)
                <p class="fine">For {{ $email }}</p>
            @endif
            <label for="password">New password <span class="fine">twelve characters or more</span></label>
            <input id="password" name="password" type="password" autocomplete="new-password" minlength="12"
                maxlength="200" required autofocus>
            <button class="primary">Set it</button>
        </form>
        <p class="fine">Every device is signed out, and you sign in anew.</p>
    </div>
</x-layout>
