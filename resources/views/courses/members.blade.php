@use(App\Models\Role)
<x-layout title="Members" :course="$course">
    <div class="sheet-head">
        <h1>Members <span class="fine">{{ $members->count() }}</span></h1>
        <a class="button" href="{{ route('courses.people', $course) }}">People from a list</a>
        <a class="button primary" href="{{ route('courses.invitation', $course) }}">Show the invitation</a>
    </div>
    @if (session('link'))
        <section class="sheet" aria-labelledby="made-link">
            <h2 id="made-link">For {{ session('link')['name'] }} alone</h2>
            <p><input readonly value="{{ session('link')['url'] }}" aria-label="Link for {{ session('link')['name'] }}"
                    class="link-field"></p>
            <p class="fine">Hand it over in person or by a message that nobody else reads: whoever follows it gets in.
                It is shown this once.</p>
        </section>
    @endif
    <table class="ledger-table members-table">
        <thead>
            <tr>
                <th scope="col">Name</th>
                <th scope="col">Role and group</th>
                <th scope="col">What else</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($members as $member)
                <tr>
                    <th scope="row">{{ $member->user->name }}<br><span
                            class="fine">{{ $member->user->email ?? $member->user->invited_email
                                . ' · has not taken the place yet' }}</span></th>
                    <td>
                        <form method="post" action="{{ route('courses.members.update', [$course, $member->user]) }}"
                            class="member-role" data-once>@csrf @method('put')
                            <select name="role" aria-label="Role of {{ $member->user->name }}">
                                @foreach (Role::cases() as $role)
                                    <option value="{{ $role->value }}" @selected($member->role === $role)>
                                        {{ $role->label() }}</option>
                                @endforeach
                            </select>
                            <input name="group_name" value="{{ $member->group_name }}" maxlength="40"
                                placeholder="no group" aria-label="Group of {{ $member->user->name }}" list="groups"
                                autocomplete="off"><button>Save</button>
                        </form>
                    </td>
                    <td>
                        <div class="member-tools">
                            @if ($member->role === Role::Student)
                                <a href="{{ route('skills.of', [$course, $member->user]) }}">Way</a>
                                <a href="{{ route('exports.portfolio-of', [$course, $member->user]) }}">Portfolio</a>
                            @endif
                            @if ($member->role === Role::Student || $member->user->isUnclaimed())
                                <form method="post"
                                    action="{{ route('courses.members.link', [$course, $member->user]) }}" data-once>
                                    @csrf<button class="plain">{{ $member->user->isUnclaimed() ? 'Invitation'
                                        : 'New password' }}</button>
                                </form>
                            @endif
                            <details class="asks">
                                <summary aria-label="Take {{ $member->user->name }} out of the course">Take
                                    out</summary>
                                <form method="post"
                                    action="{{ route('courses.members.destroy', [$course, $member->user]) }}"
                                    data-once>
                                    @csrf @method('delete')
                                    <p>{{ $member->user->name }} will see nothing of the course any more.
                                        {{ trans_choice('{0} Nothing was handed in.|{1} The one attempt handed in stays
                                        here, with its return.|[2,*] The :count attempts handed in stay here, with
                                        their returns.', $handedIn[$member->user_id] ?? 0) }} Joining again brings it
                                        all back.</p>
                                    <button>Take {{ $member->user->name }} out</button>
                                </form>
                            </details>
                        </div>
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <datalist id="groups">
        @foreach ($groups as $group)
            <option value="{{ $group }}"></option>
        @endforeach
    </datalist>
    <p class="fine">A group is for giving more time to several at once.</p>
    <section aria-labelledby="codes">
        <h2 id="codes">Codes</h2>
        <div class="code-pair">
            @foreach (['students' => [$course->join_code, 'Students join with'],
                'critics' => [$course->critic_code, 'Guest critics join with']] as $for => [$code, $label])
                <section class="sheet">
                    <h3>{{ $label }}</h3>
                    @if ($code)
                        <p><b class="code">{{ $course::readableCode($code) }}</b></p>
                        <p class="fine link-text">{{ route('join', ['code' => $code]) }}</p>
                    @else
                        <p class="fine">There is no code yet.</p>
                    @endif
                    <form method="post" action="{{ route('courses.code', $course) }}" data-once>@csrf<input
                            type="hidden" name="for"
                            value="{{ $for }}"><button>{{ $code ? 'Make a new code' : 'Make a code' }}</button>
                    </form>
                    @if ($code)
                        <p class="fine">The old one then stops working at once.</p>
                    @endif
                </section>
            @endforeach
        </div>
    </section>
</x-layout>
