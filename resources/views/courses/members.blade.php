@use(App\Models\Role)
<x-layout title="Members" :course="$course">
    <p class="eyebrow"><a href="{{ route('courses.show', $course) }}">{{ $course->name }}</a></p>
    <h1>Members</h1>
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
                            class="fine">{{ $member->user->email }}</span></th>
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
