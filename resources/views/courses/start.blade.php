<x-layout title="Start a course">
    <div class="sheet narrow">
        <h1>Start a course</h1>
        <form method="post" action="{{ $action }}" data-once>
            @csrf
            <label for="course">What the course is called</label>
            <input id="course" name="course" value="{{ old('course') }}" maxlength="120" required autofocus>
            <fieldset class="templates">
                <legend>What it begins with</legend>
                @foreach ($templates as $template)
                    <label class="choice"><input type="radio" name="template" value="{{ $template->id }}"
                            @checked(old('template') === $template->id)>
                        <span class="choice-body"><b>{{ $template->title }}</b> {{ $template->about }}
                            <span class="fine">{{ $template->consistsOf() }}</span></span></label>
                @endforeach
                <label class="choice"><input type="radio" name="template" value=""
                        @checked(old('template', '') === '')>
                    <span class="choice-body"><b>Nothing yet</b> You set each brief yourself.</span></label>
                <label for="first">The first meeting begins <span class="fine">optional; of a ready course all
                        dates follow</span></label>
                <input id="first" type="datetime-local" name="first" value="{{ old('first') }}">
            </fieldset>
            <label for="place">Where it meets <span class="fine">optional</span></label>
            <input id="place" name="place" value="{{ old('place') }}" maxlength="120">
            <label for="timezone">Due dates are said in the time of <span class="fine">optional; UTC where nothing is
                    said</span></label>
            <input id="timezone" name="timezone" value="{{ old('timezone') }}" list="zones" maxlength="60"
                autocomplete="off" placeholder="UTC">
            <datalist id="zones">
                @foreach ($zones as $zone)
                    <option value="{{ $zone }}"></option>
                @endforeach
            </datalist>
            @guest
                <x-account-fields />
            @endguest
            <button class="primary">Start the course</button>
        </form>
        @guest<p class="fine">Teaching here already? <a href="{{ route('sign-in') }}">Sign in</a> first.</p>@endguest
    </div>
</x-layout>
