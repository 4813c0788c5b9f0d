@use(App\View\Presenters\MeetingForm)
<input type="hidden" name="meeting" value="{{ MeetingForm::key($meeting) }}">
<label for="title-of-{{ MeetingForm::key($meeting) }}">What it is about</label>
<input id="title-of-{{ MeetingForm::key($meeting) }}" name="title" maxlength="120" required
    value="{{ MeetingForm::text($meeting, 'title', $meeting?->title) }}">
<label for="starts-of-{{ MeetingForm::key($meeting) }}">It begins <span class="fine">in
        {{ $course->timezone }}</span></label>
<input id="starts-of-{{ MeetingForm::key($meeting) }}" type="datetime-local" name="starts"
    value="{{ MeetingForm::text($meeting, 'starts', $course->formMoment($meeting?->starts_at)) }}">
<div class="meeting-choices">
    @if ($programme->briefs->isNotEmpty())
        <fieldset>
            <legend>Briefs</legend>
            @foreach ($programme->briefs as $setBrief)
                <label class="choice"><input type="checkbox" name="briefs[]" value="{{ $setBrief->id }}"
                        @checked(MeetingForm::has($meeting, 'briefs', (string) $setBrief->id,
                            $meeting !== null && $setBrief->meeting_id === $meeting->id))>
                    {{ $setBrief->content()->words->title }}</label>
            @endforeach
        </fieldset>
    @endif
    <fieldset>
        <legend>Lessons</legend>
        @foreach ($lessons as $lesson)
            <label class="choice"><input type="checkbox" name="lessons[]" value="{{ $lesson->id }}"
                    @checked(MeetingForm::has($meeting, 'lessons', $lesson->id,
                        in_array($lesson->id, $meeting->lessons ?? [], true)))> {{ $lesson->title }}</label>
        @endforeach
    </fieldset>
    <fieldset>
        <legend>Drills</legend>
        @foreach ($drills as $kind)
            <label class="choice"><input type="checkbox" name="drills[]" value="{{ $kind->value }}"
                    @checked(MeetingForm::has($meeting, 'drills', $kind->value,
                        in_array($kind->value, $meeting->drills ?? [], true)))> {{ $kind->label() }}</label>
        @endforeach
    </fieldset>
</div>
