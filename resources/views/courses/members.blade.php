@use(App\Models\Role)
<x-layout title="Members" :course="$course">
    <p class="eyebrow"><a href="{{ route('courses.show', $course) }}">{{ $course->name }}</a></p>
    <h1>Members</h1>
    @if (session('link'))
        <section class="sheet" aria-labelledby="made-link">
            <h2 id="made-link">For {{ session('link')['name'] }} alone</h2>
            <p><input readonly value="{{ session('link')['url'] }}" aria-label="Link for {{ session('link')['name'] }}"
                    class="link-field"></p>
            <p class="fine">Hand it over in person or by a message that nobody else reads: whoever follows it gets in.
                It is shown this once.</p>
        </section>
    @endif
    <div class="code-pair">
        @foreach (['students' => [$course->join_code, 'Students join with'],
            'critics' => [$course->critic_code, 'Guest critics join with']] as $for => [$code, $label])
            <section class="sheet">
                <h2>{{ $label }}</h2>
                @if ($code)
                    <p><b class="code">{{ $code }}</b></p>
                <p class="fine">{{ route('join', ['code' => $code]) }}</p>@else<p class="fine">There is no code
                        yet.</p>
                @endif
                <form method="post" action="{{ route('courses.code', $course) }}" data-once>@csrf<input type="hidden"
                        name="for"
                        value="{{ $for }}"><button>{{ $code ? 'Make a new code' : 'Make a code' }}</button>
                </form>
            </section>
        @endforeach
    </div>
    <table class="ledger-table members-table">
        <thead>
            <tr>
                <th scope="col">Name</th>
                <th scope="col">Is</th>
                <th scope="col"><span class="visually-hidden">Change</span></th>
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
                            </select><button>Change</button>
                        </form>
                    </td>
                    <td>
                        <div class="member-tools">
                            @if ($member->role === Role::Student)
                                <a href="{{ route('exports.portfolio-of', [$course, $member->user]) }}">Portfolio</a>
                            @endif
                            @if ($member->role === Role::Student || $member->user->isUnclaimed())
                                <form method="post"
                                    action="{{ route('courses.members.link', [$course, $member->user]) }}" data-once>
                                    @csrf<button class="plain">{{ $member->user->isUnclaimed() ? 'Invitation'
                                        : 'Password link' }}</button>
                                </form>
                            @endif
                            <form method="post"
                                action="{{ route('courses.members.destroy', [$course, $member->user]) }}" data-once>
                                @csrf @method('delete')<button class="plain"
                                    aria-label="Take {{ $member->user->name }} out of the course">Take out</button>
                            </form>
                        </div>
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <p class="fine">Whoever is taken out sees nothing of the course any more. What they handed in is kept.</p>
</x-layout>
