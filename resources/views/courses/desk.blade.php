@use(App\Courses\QueueOrder)
<x-layout title="Waiting at the desk" :course="$course" wide>
    <div class="sheet-head">
        <h1>{{ trans_choice('{0} Nobody waits|{1} One attempt waits|[2,*] :count attempts wait', $count) }}
            @if ($title)
                <span class="fine">at {{ $title }} · <a href="{{ route('courses.desk', $course) }}">all
                        briefs</a></span>
            @endif
        </h1>
        @if ($count)
            <nav class="switch" aria-label="Order">
                @foreach ([QueueOrder::Brief, QueueOrder::Student, QueueOrder::Wait] as $one)
                    <a href="{{ route('courses.desk', array_filter(['course' => $course->id, 'brief' => $brief,
                        'by' => $one->value, 'as' => $asTable ? 'table' : null])) }}"
                        @if ($order === $one) aria-current="true" @endif>{{ $one->label() }}</a>
                @endforeach
            </nav>
            <nav class="switch" aria-label="Shown as">
                @foreach (['sheet' => 'pictures', 'table' => 'a table'] as $as => $label)
                    <a href="{{ route('courses.desk', array_filter(['course' => $course->id, 'brief' => $brief,
                        'by' => $order->value, 'as' => $as === 'table' ? $as : null])) }}"
                        @if ($asTable === ($as === 'table')) aria-current="true" @endif>{{ $label }}</a>
                @endforeach
            </nav>
            <a class="button primary" href="{{ route('desk.show', $first) }}">Begin with the longest waiting</a>
        @endif
    </div>
    @if ($count === 0)
        <div class="sheet">
            <p>{{ $answers ? 'Nothing new was handed in.' : 'Nobody waits for you.' }} What is handed in appears here
                with its frames, its settings and how it came out against the brief.</p>
        </div>
    @endif
    <x-answered-sheet :answers="$answers" :course="$course" />
    @if ($asTable && $count)
        <div class="board-scroll" tabindex="0" role="region" aria-label="Waiting attempts">
            <table class="ledger-table waiting-table">
                <thead>
                    <tr>
                        <th scope="col"><span class="visually-hidden">Frame</span></th>
                        <th scope="col">Student</th>
                        <th scope="col">Brief</th>
                        <th scope="col">Handed in</th>
                        <th scope="col">Settings</th>
                        <th scope="col">Checks</th>
                    </tr>
                </thead>
                @foreach ($sheet->groups as $group)
                    <tbody>
                        @foreach ($group['attempts'] as $one)
                            <tr>
                                <td class="table-frame">
                                    @if ($one->facts->frame)
                                        <img src="{{ route('frames.small', $one->facts->frame) }}" alt=""
                                            loading="lazy">
                                    @endif
                                </td>
                                <th scope="row"><a
                                        href="{{ route('desk.show', $one->attempt) }}">{{ $one->student }}</a>
                                    <x-waiting-marks :one="$one" />
                                </th>
                                <td>{{ $one->brief->title }}</td>
                                <td>{{ $course->formatHour($one->since) }}</td>
                                <td>{{ $one->facts->settings ?: 'not recorded' }}{{ $one->facts->frames > 1
                                    ? ' · ' . $one->facts->frames . ' frames' : '' }}</td>
                                <td><x-verdict-cells :checks="$one->facts->checks" /></td>
                            </tr>
                        @endforeach
                    </tbody>
                @endforeach
            </table>
        </div>
    @elseif ($count)
        @foreach ($sheet->groups as $group)
            <section class="sheet-group">
                @if ($group['title'])
                    <h2>@if ($order === QueueOrder::Brief)
                            <a href="{{ route('desk.sheet', $group['attempts'][0]->brief->setBrief) }}">{{
                                $group['title'] }}</a>@else{{ $group['title'] }}@endif
                        <span class="fine">{{ $group['note'] }}</span></h2>
                @endif
                <x-waiting-sheet :waiting="$group['attempts']" :course="$course"
                    :withBrief="$order !== QueueOrder::Brief" />
            </section>
        @endforeach
    @endif
    <x-pages :page="$page" :pages="$pages"
        :route="route('courses.desk', array_filter(['course' => $course->id, 'brief' => $brief,
            'by' => $order->value, 'as' => $asTable ? 'table' : null]))" />
</x-layout>
