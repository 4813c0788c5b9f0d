<x-layout :title="$view->brief->words->title" :course="$view->setBrief->course" wide>
    <div class="sheet-head">
        <div>
            <p class="eyebrow">{{ $view->when() ?: 'no date' }}</p>
            <h1>{{ $view->brief->words->title }}
                @if ($view->setBrief->revision > 1)
                    <span class="fine">revision {{ $view->setBrief->revision }}</span>
                @endif
            </h1>
        </div>
        @if ($view->handedIn)
            <a class="button" href="{{ route('patterns', $view->setBrief) }}">What the class did</a>
        @endif
        @if ($view->count->attempts->waiting + $view->count->attempts->atDesk)
            <a class="button primary"
                href="{{ route('desk.sheet', $view->setBrief) }}">{{ $view->count->attempts->waiting
                + $view->count->attempts->atDesk }} at the desk</a>
        @endif
    </div>
    <section class="sheet-group" aria-labelledby="handed-in">
        <h2 id="handed-in">{{ $view->count->attempts->handedIn }} of {{ $view->count->students }} handed in <span
                class="fine">{{ count($view->handedIn) < $view->count->attempts->waiting
                + $view->count->attempts->atDesk + $view->count->attempts->returned ? 'the latest '
                . count($view->handedIn) : '' }}</span></h2>
        @if ($view->handedIn)
            <x-waiting-sheet :waiting="$view->handedIn" :course="$view->setBrief->course" :withBrief="false" />
        @else
            <p class="fine">Nothing yet. What students hand in appears here.</p>
        @endif
    </section>
    <article class="sheet"><x-brief :brief="$view->brief"
            :course="$view->setBrief->course" /></article>
    @if ($view->teaches)
        <section class="running" id="running" aria-label="Running this brief">
            <form method="post" action="{{ route('set-briefs.update', $view->setBrief) }}" class="sheet" data-once>
                @csrf @method('put')
                <h2>Dates</h2>
                <x-brief-dates :course="$view->setBrief->course" :id="$view->setBrief->id"
                    :due="$view->setBrief->due_at" :opens="$view->setBrief->opens_at"
                    :closes="$view->setBrief->closes_at" :hidden="$view->setBrief->is_hidden" />
                <button>Save the dates</button>
            </form>
            @if ($view->setBrief->due_at)
                <form method="post" action="{{ route('set-briefs.more-time', $view->setBrief) }}" class="sheet"
                    data-once>@csrf
                    <h2>More time</h2>
                    @if ($view->extensions->isNotEmpty())
                        <ul class="plain-list">
                            @foreach ($view->extensions as $extension)
                                <li>{{ $extension->user->name }} <span class="fine">until
                                        {{ $view->setBrief->course->formatMoment($extension->due_at) }}</span></li>
                            @endforeach
                        </ul>
                    @endif
                    <label for="until">Until <input id="until" type="datetime-local" name="until"
                            value="{{ old('until') }}"></label>
                    @if ($view->groups())
                        <label for="group">For the group <select id="group" name="group">
                                <option value="">none</option>
                                @foreach ($view->groups() as $group)
                                    <option @selected(old('group') === $group)>{{ $group }}</option>
                                @endforeach
                            </select></label>
                    @endif
                    <fieldset class="people-ticks">
                        <legend>For</legend>
                        @foreach ($view->students as $student)
                            <label class="choice"><input type="checkbox" name="students[]"
                                    value="{{ $student->user_id }}"
                                    @checked(in_array((string) $student->user_id, old('students', []), true))>
                                {{ $student->user->name }}</label>
                        @endforeach
                    </fieldset>
                    <button>Give more time</button>
                    <p class="fine">Without a date the date of everybody holds again.</p>
                </form>
            @endif
            @if ($view->newer)
                <form method="post" action="{{ route('set-briefs.correct', $view->setBrief) }}" class="sheet"
                    data-once>@csrf
                    <h2>Correct it</h2>
                    <p>Revision {{ $view->newer }} is in the library. It takes the place of revision
                        {{ $view->setBrief->revision }} for whoever has not begun, and students are told.
                        {{ trans_choice('{0} Nobody has begun.|{1} The one attempt that was begun keeps this
                        text.|[2,*] The :count attempts that were begun keep this text.', $view->attempts()) }}</p>
                    <button>Set revision {{ $view->newer }} instead</button>
                </form>
            @else
                <p class="sheet fine">To correct the brief, <a href="{{ route('composer',
                    ['course' => $view->setBrief->course_id, 'from' => $view->setBrief->brief_id]) }}">change it</a>
                    and come back here: whoever has begun keeps the text of before.</p>
            @endif
            <details class="sheet" @if ($errors->has('sure')) open @endif>
                <summary>Take the brief out of the course</summary>
                <form method="post" action="{{ route('set-briefs.destroy', $view->setBrief) }}" data-once>@csrf
                    @method('delete')
                    @if ($view->attempts() === 0)
                        <input type="hidden" name="sure" value="1">
                        <p>Remove this brief? Nobody has started it.</p>
                    @else
                        <label class="tick-label-row"><input type="checkbox" name="sure" value="1"> {{ trans_choice(
                            '{1} Delete the one attempt at it too, with pictures and critique|'
                            . '[2,*] Delete the :count attempts at it too, with pictures and critiques',
                            $view->attempts()) }}</label>
                    @endif
                    <button>{{ $view->attempts() === 0 ? 'Remove it' : 'Take it out' }}</button>
                    <p class="fine">To end it and keep what there is, let it close instead, or hide it.</p>
                </form>
            </details>
        </section>
    @endif
</x-layout>
