<x-layout :title="'Programme · ' . $course->name" :course="$course">
    <h1>Programme</h1>
    @forelse ($programme->meetings as $planned)
        <section id="meeting-{{ $planned->meeting->id }}" aria-labelledby="title-{{ $planned->meeting->id }}"
            @class(['meeting', 'meeting-now' => $planned === $programme->now()])>
            <p class="eyebrow">{{ $planned->when() }}</p>
            <h2 id="title-{{ $planned->meeting->id }}">{{ $planned->meeting->title }}</h2>
            <x-meeting :planned="$planned" :course="$course" :teaches="$teaches" />
            @if ($teaches)
                <details class="meeting-edit" @if ((string) old('meeting') === (string) $planned->meeting->id)
                    open @endif>
                    <summary>Change</summary>
                    <form method="post" action="{{ route('meetings.update', $planned->meeting) }}">
                        @csrf @method('put')
                        @include('courses.meeting-fields', ['meeting' => $planned->meeting])
                        <button>Save the meeting</button>
                    </form>
                    <form method="post" action="{{ route('meetings.destroy', $planned->meeting) }}">
                        @csrf @method('delete')
                        <button class="plain">Take it out of the programme</button>
                    </form>
                </details>
            @endif
        </section>
    @empty
        <p>No meeting is planned yet.</p>
        @if ($teaches)
            <form method="post" action="{{ route('programme.follow', $course) }}" class="sheet" data-once>
                @csrf
                <fieldset class="templates">
                    <legend>Take a ready course</legend>
                    @foreach ($templates as $template)
                        <label class="choice"><input type="radio" name="template" value="{{ $template->id }}" required
                                @checked(old('template') === $template->id)>
                            <span class="choice-body"><b>{{ $template->title }}</b> {{ $template->about }}
                                <span class="fine">{{ $template->consistsOf() }}</span></span></label>
                    @endforeach
                </fieldset>
                <label for="first">The first meeting begins <span class="fine">in {{ $course->timezone }}; all dates
                        follow. Without it nothing has a date, and only the first brief is shown.</span></label>
                <input id="first" type="datetime-local" name="first" value="{{ old('first') }}">
                @error('first')
                    <p class="field-problem">{{ $message }}</p>
                @enderror
                <button class="primary">Take it</button>
            </form>
        @endif
    @endforelse
    @if ($teaches)
        <details class="sheet meeting-edit" @if (old('meeting') === 'new') open @endif>
            <summary>Add a meeting</summary>
            <form method="post" action="{{ route('programme.store', $course) }}">
                @csrf
                @include('courses.meeting-fields', ['meeting' => null])
                <button>Add the meeting</button>
            </form>
        </details>
    @endif
</x-layout>
