@use(TruePupil\Core\Brief\KitRule)
<x-layout :title="'Settings · ' . $course->name" :course="$course">
    <div class="sheet-head">
        <h1>Settings</h1>
        <a href="{{ route('courses.trail', $course) }}">Trail: who did what</a>
    </div>
    @if ($course->archived_at)
        <p class="word">The course was archived {{ $course->formatDay($course->archived_at) }}: everybody reads what is
            theirs, and nothing is handed in.</p>
    @endif
    <form method="post" action="{{ route('courses.settings.update', $course) }}" class="kit" data-once>
        @csrf @method('put')
        <fieldset class="sheet">
            <legend>The course</legend>
            <div class="intent-grid">
                <label>Name <input name="name" value="{{ old('name', $course->name) }}" maxlength="120"
                        required></label>
                <label>Place <input name="place" value="{{ old('place', $course->place) }}" maxlength="120"></label>
                <label>Due dates are said in the time of <input name="timezone"
                        value="{{ old('timezone', $course->timezone) }}" list="zones" maxlength="60" required
                        autocomplete="off"></label>
                <datalist id="zones">
                    @foreach ($zones as $zone)
                        <option value="{{ $zone }}"></option>
                    @endforeach
                </datalist>
                <label>Attempts are kept <select name="keeps_months">
                        <option value="">as long as the course</option>
                        @foreach ([3, 6, 12, 24, 36, 60] as $months)
                            <option value="{{ $months }}"
                                @selected((int) old('keeps_months', $course->keeps_months) === $months)>{{ $months }}
                                months after hand-in</option>
                        @endforeach
                    </select></label>
            </div>
            <p class="fine">After that time frames, pictures and what was said of them are deleted. <a
                    href="{{ route('kept') }}">What is kept of people</a></p>
            <div class="approach-question">
                <label for="marking">Marks of your own</label>
                <select id="marking" name="marking[kind]">
                    @foreach (App\Models\MarkingKind::cases() as $kind)
                        <option value="{{ $kind->value }}" @selected(old('marking.kind', $course->marking->kind->value)
                            === $kind->value)>{{ $kind->label() }}</option>
                    @endforeach
                </select>
                <label>points at most, of each line <input type="number" name="marking[most]" min="1"
                        max="{{ App\Models\Marking::MOST_POINTS }}"
                        value="{{ old('marking.most', $course->marking->most) }}"></label>
                <label for="marking-lines">your lines, one under the other</label>
                <textarea id="marking-lines" name="marking[lines]" rows="3">{{ old('marking.lines',
                    implode("\n", $course->marking->lines)) }}</textarea>
                <p class="fine">A mark is given at the desk, per attempt, and goes out with the return. Nothing proposes
                    one.</p>
            </div>
            <div class="intent-flags">
                <label><input type="checkbox" name="asks_confirmed" value="1" @disabled(!$hasMail)
                        @checked(old('asks_confirmed', $course->asks_confirmed))> students need a confirmed address to
                    hand in{{ $hasMail ? '' : ' (this installation sends no mail)' }}</label>
                <label><input type="checkbox" name="sends_undecided" value="1"
                        @checked(old('sends_undecided', $course->sends_undecided))> findings that nobody decided on go
                    out with a return</label>
            </div>
        </fieldset>
        <fieldset class="sheet">
            <legend>Taken with</legend>
            <p>What frames of this course may be taken with. It is said with every brief that you set from now on, and
                checked with it; briefs that are set stay as they are.</p>
            <div class="intent-flags">
                @foreach (KitRule::cases() as $rule)
                    <label><input type="checkbox" name="kit_rules[]" value="{{ $rule->value }}"
                            @checked(in_array($rule->value, old('kit_rules', $course->kit_rules ?? []), true))>
                        {{ $rule->label() }}</label>
                @endforeach
            </div>
        </fieldset>
        <fieldset class="sheet">
            <legend>Approach</legend>
            <p>Practitioners disagree in these questions, and all of them are right somewhere. A finding that depends on
                the answer says so and names the other view. Changing an answer changes what is judged from now on; what
                was returned stays as it was.</p>
            @foreach ($questions as $question)
                <div class="approach-question">
                    <label for="approach-{{ $question->value }}">{{ $question->label() }}</label>
                    <select id="approach-{{ $question->value }}" name="approach[{{ $question->value }}]"
                        aria-describedby="about-{{ $question->value }}">
                        @foreach ($question->choices() as $value => $words)
                            <option value="{{ $value }}"
                                @selected(old('approach.' . $question->value, $question->of($course->approachChoices()))
                                === $value)>{{ $words }}
                            </option>
                        @endforeach
                    </select>
                    <p class="fine" id="about-{{ $question->value }}">{{ $question->about() }}</p>
                </div>
            @endforeach
        </fieldset>
        <button class="primary">Save</button>
    </form>
    @if ($silenced)
        <section class="sheet" aria-labelledby="silenced">
            <h2 id="silenced">Silent in this course</h2>
            <ul class="plain-list">
                @foreach ($silenced as $rule)
                    <li>
                        <form method="post" action="{{ route('silences.destroy', $course) }}" class="member-role"
                            data-once>@csrf @method('delete')<input type="hidden" name="rule"
                                value="{{ $rule }}"><span>{{ ucfirst(str_replace(['.', '-'], [': ', ' '], $rule))
                                }}</span>
                            <button class="plain">Hear it again</button></form>
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
    <section class="sheet" aria-labelledby="next-run">
        <h2 id="next-run">The next run</h2>
        <p>A new course with this approach, these settings and briefs, and a code of its own. No student, attempt or
            word of anybody goes along.</p>
        <form method="post" action="{{ route('courses.copy', $course) }}" data-once>@csrf
            <div class="intent-grid">
                <label>Name <input name="copy_name" value="{{ old('copy_name', $course->name) }}" maxlength="120"
                        required></label>
                @if ($firstDate)
                    <label>The first date, {{ $course->formatDay($firstDate) }} here, is then
                        <input type="date" name="first_day" value="{{ old('first_day') }}"></label>
                @endif
            </div>
            @if ($firstDate)
                <p class="fine">All dates move with it and keep their hour. Left empty, the copy has no dates.</p>
            @endif
            <button>Copy the course</button>
        </form>
    </section>
    <section class="sheet" aria-labelledby="over">
        <h2 id="over">{{ $course->archived_at ? 'Open it again' : 'When it is over' }}</h2>
        @if ($course->archived_at)
            <form method="post" action="{{ route('courses.reopen', $course) }}" data-once>@csrf<button>Open the course
                    again</button></form>
        @else
            <form method="post" action="{{ route('courses.archive', $course) }}" data-once>@csrf
                <p>Archived, it can be read by everybody in it, and nothing is handed in. It can be opened again.</p>
                <button>Archive the course</button>
            </form>
        @endif
    </section>
    <details class="sheet" @if ($errors->has('course_name')) open @endif>
        <summary>Delete the course</summary>
        <p>Every brief, attempt, picture, return and note of it is deleted at once and for good. Its people keep their
            accounts. Take the course along first, if it may be needed.</p>
        <form method="post" action="{{ route('courses.destroy', $course) }}" data-once>@csrf @method('delete')
            <label>Type its name: {{ $course->name }} <input name="course_name" maxlength="120" autocomplete="off"
                    required></label>
            <button>Delete the course</button>
        </form>
    </details>
</x-layout>
