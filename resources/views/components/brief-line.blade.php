@props(['brief', 'course', 'arranges' => false])
<li class="brief-line">
    <h3><a href="{{ route('set-briefs.show', $brief->setBrief) }}">{{ $brief->title }}</a>
        @if ($brief->revision > 1)
            <span class="fine">revision {{ $brief->revision }}</span>
        @endif
        @if ($brief->hidden)
            <span class="tag">hidden</span>
        @endif
    </h3>
    <p @class(['brief-due', 'overdue' => $brief->isOverdue() && $brief->missing() && !$brief->dates->isClosed()])>
        @if (!$brief->dates->isOpened())
            opens {{ $course->formatHour($brief->dates->opensAt) }}{{ $brief->dates->dueAt ? ',' : '' }}
        @endif
        @if ($brief->dates->isClosed())
            closed {{ $course->formatDay($brief->dates->closesAt) }}
        @elseif ($brief->dates->dueAt)
            {{ $brief->isOverdue() ? 'was due' : 'due' }} {{ $course->formatHour($brief->dates->dueAt) }}
        @elseif ($brief->dates->isOpened())
            no date
        @endif
    </p>
    <p class="brief-counts">
        @if ($brief->students === 0)
            <span class="fine">no students yet</span>
        @else
            <span>{{ $brief->attempts->handedIn }} of {{ $brief->students }} handed in</span>
            @if ($brief->attempts->waiting + $brief->attempts->atDesk)
                <a href="{{ route('desk.sheet', $brief->setBrief) }}"><b>{{
                        $brief->attempts->waiting + $brief->attempts->atDesk }}
                        {{ $brief->attempts->waiting + $brief->attempts->atDesk === 1 ? 'waits' : 'wait' }}</b></a>
            @endif
            @if ($brief->attempts->handedIn)
                <a href="{{ route('patterns', $brief->setBrief) }}">what the class did</a>
            @endif
        @endif
    </p>
    @if ($arranges)
        <div class="brief-moves">
            @foreach (['up' => 'Up', 'down' => 'Down'] as $way => $label)
                <form method="post" action="{{ route('set-briefs.move', $brief->setBrief) }}" data-once>@csrf<input
                        type="hidden" name="way" value="{{ $way }}"><button class="plain"
                        aria-label="{{ $brief->title }}: {{ strtolower($label) }}">{{ $label }}</button></form>
            @endforeach
        </div>
    @endif
</li>
