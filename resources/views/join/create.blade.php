@use(App\Models\Role)
<x-layout :title="$course ? 'Join ' . $course->name : 'Join a course'">
    <div class="sheet narrow">
        @if ($course)
            <p class="eyebrow">You are invited to</p>
            <h1>{{ $course->name }}</h1>
            <p>{{ implode(', ', array_filter([$course->place, $teachers
                ? 'with ' . collect($teachers)->join(', ', ' and ') : null])) }}{{ $role === Role::Critic
                ? '; you join as a guest critic' : '' }}.</p>
        @else
            <h1>Join a course</h1>
        @endif
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
