@use(App\Models\NoteKind)
@use(App\View\Presenters\ContactSheetView)
@use(App\Http\Requests\SayToSeveralRequest)
<x-layout :title="'Desk: ' . $count->title" :course="$setBrief->course" wide>
    <div class="contact-sheet" data-contact-sheet data-compare="{{
        route('frames.compare', ['frame' => 'A', 'other' => 'B']) }}">
        <div class="sheet-head">
            <h1>{{ $count->title }} <span class="fine">{{ trans_choice('{0} nothing waits|{1} one frame|'
                . '[2,*] :count frames', count($view->sheet->frames)) }}{{ $count->attempts->returned
                ? ', ' . $count->attempts->returned . ' returned' : '' }}</span></h1>
            @if ($view->sheet->frames)
                <nav class="switch" aria-label="Order">
                    @foreach (ContactSheetView::ORDERS as $order => $label)
                        <a href="{{ route('desk.sheet', ['setBrief' => $setBrief, 'by' => $order,
                            'check' => $view->check]) }}"
                            @if ($view->order === $order) aria-current="true" @endif>{{ $label }}</a>
                    @endforeach
                </nav>
                <button type="button" data-compare-both disabled>Compare A and B</button>
                <button type="button" class="plain" data-sheet-keys><kbd>?</kbd><span
                        class="visually-hidden">Keys</span></button>
            @endif
        </div>
        @if (count($others) > 1 || ($others && $others[0]->setBrief !== $setBrief->id))
            <nav class="sheet-briefs" aria-label="Other briefs">
                @foreach ($others as $other)
                    <a href="{{ route('desk.sheet', $other->setBrief) }}"
                        @if ($other->setBrief === $setBrief->id) aria-current="page" @endif>{{ $other->title }}
                        <b>{{ $other->attempts->waiting + $other->attempts->atDesk }}</b></a>
                @endforeach
                <a href="{{ route('courses.desk', [$setBrief->course_id, 'by' => 'wait']) }}">all
                    in one list</a>
            </nav>
        @endif
        @if ($answers)
            <p class="word">{{ trans_choice('{1} One student has answered a return.|'
                . '[2,*] :count students have answered a return.', $answers) }} <a
                    href="{{ route('courses.desk', [$setBrief->course_id, 'by' => 'wait']) }}">Read
                    {{ $answers === 1 ? 'it' : 'them' }}</a></p>
        @endif
        @foreach ($repeated as $one)
            <form method="post" action="{{ route('desk.repeat', $setBrief) }}" class="word" data-once>@csrf
                <input type="hidden" name="rule" value="{{ $one->rule }}">
                <input type="hidden" name="wording" value="{{ $one->wording }}">
                <p>You have said this {{ $one->said }} times: “{{ $one->wording }}” <button class="plain">Say it to the
                        {{ count($one->findings) === 1 ? 'one other who has it' : count($one->findings)
                        . ' others who have it' }}</button></p>
            </form>
        @endforeach
        @if ($view->sheet->frames === [])
            <div class="sheet">
                <p>The desk is clear: everything that was handed in is returned.</p>
            </div>
        @else
            @if ($view->order === ContactSheetView::MISSED && count($view->checks) > 1)
                <form method="get" class="sheet-check">
                    <label>grouped by <select name="check" data-goes>
                        @foreach ($view->checks as $id => $sentence)
                            <option value="{{ $id }}" @selected($id === $view->check)>{{ $sentence }}</option>
                        @endforeach
                    </select></label>
                    <noscript><button>Group</button></noscript>
                </form>
            @endif
            <div class="sheet-groups">
                @foreach ($view->groups as $group)
                    <section class="frame-group" data-group>
                        <h2>{{ $group->title }}{{ $group->title === '' ? '' : ',' }} {{ count($group->frames) }}
                            <button type="button" class="plain" data-tick-group
                                data-none="take none of them">{{ count($group->frames) === 1 ? 'take it'
                                : 'take all ' . count($group->frames) }}</button></h2>
                        <ol>
                            @foreach ($group->frames as $frame)
                                <li class="sheet-frame" tabindex="{{ $loop->first && $loop->parent->first ? 0 : -1 }}"
                                    data-sheet-frame="{{ $frame->id }}" data-own="{{ $view->own($frame) }}"
                                    data-name="{{ $frame->name() }}"
                                    data-open="{{ route('desk.show', $frame->attempt->attempt) }}#frame-{{ $frame->id
                                    }}">
                                    <span class="sheet-picture">
                                        @if ($frame->canBeShown)
                                            <img src="{{ route('frames.small', $frame->id) }}" alt="" loading="lazy">
                                        @endif
                                        <label class="tick"><input type="checkbox" name="frames[]" form="say-to-several"
                                                value="{{ $frame->id }}" tabindex="-1"
                                                @checked(in_array((string) $frame->id, (array) old('frames'), true))
                                                aria-label="{{ $frame->name() }}"></label>
                                        <b class="letter" hidden></b>
                                    </span>
                                    <span class="sheet-line"><a tabindex="-1"
                                            href="{{ route('desk.show', $frame->attempt->attempt) }}#frame-{{
                                            $frame->id }}">{{ $frame->name() }}</a>
                                        <b @class(['off' => $view->isOff($frame)])>{{ $view->told($frame) }}</b></span>
                                    <span class="sheet-line fine"><span>{{ $frame->settings ?: 'no settings recorded'
                                            }}</span><x-verdict-cells :checks="$frame->verdicts()" /></span>
                                    <span class="sheet-line fine"><span>@if ($frame->said)<b
                                                class="said">said</b> @endif<x-waiting-marks
                                                :one="$frame->attempt" /></span></span>
                                </li>
                            @endforeach
                        </ol>
                    </section>
                @endforeach
            </div>
            <form id="say-to-several" method="post" action="{{ route('desk.say', $setBrief) }}" class="say-several"
                data-once>
                @csrf
                <input type="hidden" name="batch" value="{{ old('batch', $batch) }}">
                <input type="hidden" name="check" value="{{ $view->check }}">
                <p data-say-none @if (old('frames')) hidden @endif>Tick frames (<kbd>x</kbd>, a whole group
                    <kbd>g</kbd>) to say something to several. Enter opens one.</p>
                <div data-say-some @unless (old('frames')) hidden @endunless>
                    <label for="remark" data-say-to>Say to these</label>
                    <textarea id="remark" name="remark" rows="1" maxlength="2000" required
                        autocomplete="off" data-draft="several-{{ $setBrief->id }}">{{ old('remark') }}</textarea>
                    <select name="kind" aria-label="As what">
                        @foreach (NoteKind::cases() as $kind)
                            <option value="{{ $kind->value }}" @selected(old('kind', NoteKind::Try->value)
                                === $kind->value)>as a note: {{ lcfirst($kind->label()) }}</option>
                        @endforeach
                        @if ($decides && $view->check !== '')
                            <option value="{{ SayToSeveralRequest::AS_FINDING }}" @selected(old('kind')
                                === SayToSeveralRequest::AS_FINDING)>in place of the finding</option>
                        @endif
                    </select>
                    <button class="primary">Say it</button>
                    <p class="fine" data-say-own></p>
                    <p class="fine">
                        @foreach ($view->places() as $what => $place)
                            <button type="button" class="plain" data-place="{{ $place }}"
                                data-what="{{ $what }}">Put in {{ trim($place, '[]')
                                }}</button>
                        @endforeach
                        Each hears it with their own return.
                    </p>
                </div>
            </form>
            <dialog data-sheet-keys-dialog aria-labelledby="sheet-keys">
                <h2 id="sheet-keys">Keys on the sheet</h2>
                <dl class="keys">
                    <dt><kbd>←</kbd> <kbd>→</kbd> <kbd>↑</kbd> <kbd>↓</kbd></dt>
                    <dd>another frame</dd>
                    <dt><kbd>x</kbd> <kbd>g</kbd></dt>
                    <dd>tick the frame; tick its whole group</dd>
                    <dt><kbd>c</kbd></dt>
                    <dd>A for a comparison, then B; a third time compares them</dd>
                    <dt><kbd>t</kbd></dt>
                    <dd>write to those that are ticked; <kbd>Ctrl</kbd> <kbd>Enter</kbd> says it</dd>
                    <dt><kbd>Enter</kbd></dt>
                    <dd>open the frame at the desk</dd>
                </dl>
                <form method="dialog"><button>Close</button></form>
            </dialog>
        @endif
    </div>
</x-layout>
