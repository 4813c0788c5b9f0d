@use(App\Models\PasswordWay)
<x-layout title="Account">
    <h1>Your account</h1>
    @if ($user->delete_at)
        <section class="sheet word-problem" aria-labelledby="going">
            <h2 id="going">It goes on {{ App\Models\Moments::write($user->delete_at, 'UTC', 'D MMMM YYYY') }}</h2>
            <form method="post" action="{{ route('account.keep') }}" data-once>@csrf
                <button class="primary">Keep the account</button>
            </form>
        </section>
    @endif
    @if ($asked)
        <section class="sheet word-problem" aria-labelledby="asked">
            <h2 id="asked">A new password was asked for</h2>
            @if ($asked->way === PasswordWay::Session)
                <p>An instructor of {{ $asked->course->name }} says that you forgot your password.</p>
            @elseif ($asked->way === PasswordWay::Mail)
                <p>An instructor of {{ $asked->course->name }} asked for it. The link went to {{ $user->email }}.</p>
            @elseif ($asked->way === PasswordWay::Link)
                <p>An instructor of {{ $asked->course->name }} has a link with which your password can be set anew.</p>
            @else
                <p>Whoever runs this installation made a link with which your password can be set anew. It counts from
                    {{ App\Models\Moments::write($asked->counts_from, $user->timezone ?? 'UTC', 'D MMMM, HH:mm') }}.</p>
            @endif
            @if ($asked->way === PasswordWay::Session)
                <form method="post" action="{{ route('account.take-password', $asked) }}" data-once>@csrf
                    <button class="primary">I did: set a new one</button>
                </form>
            @endif
            <form method="post" action="{{ route('account.stop-password', $asked) }}" data-once>@csrf @method('delete')
                <button>It was not me: stop it</button>
            </form>
        </section>
    @endif
    <div class="account">
        <form method="post" action="{{ route('account.update') }}" class="sheet" data-once>
            @csrf @method('put')
            <h2>You</h2>
            <label>Name <input name="name" value="{{ old('name', $user->name) }}" maxlength="120" autocomplete="name"
                    required></label>
            <label>Times are shown in <input name="timezone" value="{{ old('timezone', $user->timezone) }}"
                    list="zones" maxlength="60" autocomplete="off" placeholder="the time of each course"></label>
            <datalist id="zones">
                @foreach ($zones as $zone)
                    <option value="{{ $zone }}"></option>
                @endforeach
            </datalist>
            <label>Language of dates <select name="locale">
                    @foreach ($languages as $tag => $language)
                        <option value="{{ $tag }}" lang="{{ $tag }}"
                            @selected(old('locale', $user->locale ?? 'en') === $tag)>{{ $language }}</option>
                    @endforeach
                </select></label>
            <label class="tick-label-row"><input type="checkbox" name="keeps_location" value="1"
                    @checked(old('keeps_location', $user->keeps_location))> Leave in my files where they were
                        taken</label>
            <p class="fine">Otherwise the place is taken out of every picture as it arrives.</p>
            <label class="tick-label-row"><input type="checkbox" name="shows_frames" value="1"
                    @checked(old('shows_frames', $user->shows_frames))> Offer my frames to be shown to the class</label>
            <p class="fine">What is ticked for you when you hand in; you decide each time.</p>
            <button class="primary">Save</button>
        </form>
        <form method="post" action="{{ route('account.address') }}" class="sheet" data-once>
            @csrf @method('put')
            <h2>Address</h2>
            <p>
                @if ($user->pending_email)
                    {{ $user->email }} is in use until the link that was sent to <b>{{ $user->pending_email }}</b> is
                    followed.
                @elseif ($user->email_verified_at)
                    {{ $user->email }} is confirmed.
                @elseif (!$hasMail)
                    {{ $user->email }} is not confirmed: this installation sends no mail. If you forget your password,
                    your instructor can help you to a new one.
                @else
                    <b>{{ $user->email }} is not confirmed.</b> Follow the link in the mail; without it no password can
                    be recovered.
                @endif
            </p>
            <label>New address <input type="email" name="email" value="{{ old('email') }}" maxlength="190"
                    autocomplete="email" required></label>
            <label>Your password <input type="password" name="address_password" autocomplete="current-password"
                    required></label>
            <button>Change the address</button>
            @if ($hasMail && ($user->pending_email || !$user->email_verified_at))
                <button form="send-again">Send the link again</button>
            @endif
        </form>
        <form method="post" action="{{ route('account.password') }}" class="sheet" data-once>
            @csrf @method('put')
            <h2>Password</h2>
            <label>Now <input type="password" name="current_password" autocomplete="current-password" required></label>
            <label>New <span class="fine">twelve characters or more</span> <input type="password" name="password"
                    autocomplete="new-password" minlength="12" maxlength="200" required></label>
            <button>Change the password</button>
            <p class="fine">Every other device is signed out.</p>
        </form>
        <section class="sheet" aria-labelledby="devices">
            <h2 id="devices">Signed in on</h2>
            <ul class="plain-list">
                @foreach ($devices as $device)
                    <li>{{ ucfirst($device['words']) }} <span class="fine">{{ $device['isThis'] ? 'this one'
                        : 'seen ' . App\Models\Moments::write($device['seen'], 'UTC', 'D MMM, HH:mm') }}</span></li>
                @endforeach
            </ul>
            @if (count($devices) > 1)
                <form method="post" action="{{ route('account.devices') }}" data-once>@csrf @method('delete')
                    <button>Sign out everywhere else</button>
                </form>
            @endif
        </section>
        @include('account.factor')
        <section class="sheet" aria-labelledby="signed-in">
            <h2 id="signed-in">Signed in lately</h2>
            <ul class="plain-list">
                @foreach ($signIns as $one)
                    <li>{{ ucfirst($one['device']) }} <span class="fine">{{ App\Models\Moments::write($one['at'],
                        $user->timezone ?? 'UTC', 'D MMM, HH:mm') }}, from {{ $one['from'] }}{{
                        $one['way'] === 'remembered' ? ', remembered' : '' }}</span>
                    </li>
                @endforeach
            </ul>
            <p class="fine">Is one of them not yours? Change the password: every other device is signed out.</p>
        </section>
        <form method="post" action="{{ route('account.notices') }}" class="sheet" data-once>
            @csrf @method('put')
            <h2>By mail</h2>
            @foreach ($kinds as $kind)
                <label class="tick-label-row"><input type="checkbox" name="mail[]" value="{{ $kind->value }}"
                        @checked(!in_array($kind->value, $user->no_mail ?? [], true))>
                            {{ ucfirst($kind->label()) }}</label>
            @endforeach
            <p class="fine">To a confirmed address. <a href="{{ route('notices') }}">Notices</a> has all of it as
                well.</p>
            <button>Save</button>
        </form>
        <section class="sheet" aria-labelledby="along">
            <h2 id="along">Your data</h2>
            <p>Everything of yours in one ZIP: frames as you handed them in, records, returns, notes, plans, kit, banks
                and drills. <a href="{{ route('kept') }}">What is kept, and for how long</a></p>
            <form method="post" action="{{ route('account.takeout') }}">@csrf<button>Take it along</button></form>
        </section>
        @if (!$user->delete_at)
            <details class="sheet" @if ($errors->has('delete_password')) open @endif>
                <summary>Delete the account</summary>
                <p>After {{ App\Retention\DeleteAccount::GRACE_DAYS }} days your frames, attempts, returns, plans, roll,
                    kit, banks and drills are deleted, with their files. What you wrote about other people's frames
                    stays with them, without your name. Until then you can change your mind.</p>
                @if ($alone->isNotEmpty())
                    <p><b>Nobody else teaches {{ $alone->pluck('name')->join(', ', ' and ') }}.</b> Make somebody else
                        an instructor, or delete the course first.</p>
                @else
                    <form method="post" action="{{ route('account.destroy') }}" data-once>@csrf @method('delete')
                        <label>Your password <input type="password" name="delete_password"
                                autocomplete="current-password" required></label>
                        <button>Delete my account</button>
                    </form>
                @endif
            </details>
        @endif
    </div>
    <form id="send-again" method="post" action="{{ route('account.confirm') }}" data-once>@csrf</form>
</x-layout>
