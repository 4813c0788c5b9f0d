<x-layout title="Code">
    <div class="sheet narrow">
        <h1>And the code</h1>
        <form method="post" action="{{ route('sign-in.code') }}" data-once>
            @csrf
            <label for="code">The six digits that your device shows <span class="fine">or one of the codes that you
                    kept</span></label>
            <input id="code" name="code" autocomplete="one-time-code" maxlength="40" required autofocus>
            <button class="primary">Sign in</button>
        </form>
        <p class="fine">The device is lost, and the codes as well? Whoever runs this installation can take the second
            factor off.</p>
    </div>
</x-layout>
