@props(['one', 'fact', 'course'])
<li class="contact">
    <a class="contact-picture" href="{{ route('desk.show', $one['attempt']) }}" tabindex="-1" aria-hidden="true">
        @if ($fact['frame'])
            <img src="{{ route('frames.small', $fact['frame']) }}" alt="" loading="lazy">
        @endif
    </a>
    <p class="contact-name">{{ $one['student'] }} @if ($one['number'] > 1)
            <span class="fine">attempt {{ $one['number'] }}</span>
        @endif
    </p>
    <p class="fine">{{ $one['brief'] }}{{ $fact['frames'] > 1 ? ' · ' . $fact['frames'] . ' frames' : '' }}</p>
    <p class="contact-state">
        <span class="fine">since {{ $course->formatHour($one['since']) }}</span><br>
        @if ($fact['missed'])
            <b class="overdue">{{ $fact['missed'] }} missed</b>
        @else
            nothing missed
        @endif
        @if ($fact['unknown'])
            <span class="fine">, {{ $fact['unknown'] }} open</span>
        @endif
        @if ($one['state']->value === 'at-desk')
            <span class="state state-at-desk">opened</span>
        @endif
        @if ($fact['left'])
            <br><span class="overdue">has left the course</span>
        @endif
        @if ($fact['shared'])
            <br><span class="overdue">same file as somebody else's</span>
        @endif
    </p>
    <p><a href="{{ route('desk.show', $one['attempt']) }}">To the desk</a></p>
</li>
