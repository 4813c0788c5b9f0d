@use(App\View\Assets)
<section class="sheet" id="factor" aria-labelledby="factor-title">
    <h2 id="factor-title">Second factor</h2>
    @if (session('recovery'))
        <div class="word word-done">
            <p>It is set. Keep these codes apart from the device: each signs you in once, should the device be lost.
                They are shown this once.</p>
            <ul class="plain-list recovery">
                @foreach (session('recovery') as $code)
                    <li><code>{{ $code }}</code></li>
                @endforeach
            </ul>
        </div>
    @endif
    @if ($factor)
        <p>It is set. {{ count($factor->recovery) }} of the codes that you kept are left.</p>
        <form method="post" action="{{ route('account.factor') }}" data-once>@csrf @method('delete')
            <label>Your password <input type="password" name="factor_password" autocomplete="current-password"
                    required></label>
            <button>Take it off</button>
        </form>
    @elseif ($pendingFactor)
        <p>Show this to a program that makes codes, or type it in there:</p>
        <div class="factor-square" data-qr="{{ $factorAddress }}"></div>
        <p><code class="factor-secret">{{ chunk_split($pendingFactor->secret, 4, ' ') }}</code></p>
        <form method="post" action="{{ route('account.factor') }}" data-once>@csrf @method('put')
            <label>The six digits that it shows <input name="code" autocomplete="one-time-code" inputmode="numeric"
                    maxlength="10" required></label>
            <button class="primary">Set it</button>
        </form>
        <script type="module" src="{{ Assets::url('js/invitation.js') }}"></script>
    @else
        <p>A code from a device of yours, asked for beside the password: whoever learns the password alone does not get
            in. {{ $isFactorRequired ? 'This installation asks it of you.' : '' }}</p>
        <form method="post" action="{{ route('account.factor') }}" data-once>@csrf
            <label>Your password <input type="password" name="factor_password" autocomplete="current-password"
                    required></label>
            <button>Set one up</button>
        </form>
    @endif
</section>
