@props(['planned', 'course', 'teaches' => false])
<ul class="meeting-parts">
    @foreach ($planned->lessons as $lesson)
        <li><span class="fine">read</span> <a href="{{ route('lessons.show', $lesson->id) }}">{{ $lesson->title }}</a>
        </li>
    @endforeach
    @foreach ($planned->drills as $kind)
        <li><span class="fine">practise</span> <a
                href="{{ route('drills.next', ['kind' => $kind]) }}">{{ $kind->label() }}</a></li>
    @endforeach
    @foreach ($planned->briefs as $setBrief)
        <li><span class="fine">brief</span> <a
                href="{{ route('set-briefs.show', $setBrief) }}">{{ $setBrief->content()->words->title }}</a>
            @if ($setBrief->due_at)
                <span class="fine">due {{ $course->formatHour($setBrief->due_at) }}</span>
            @endif
            @if ($teaches && ! $setBrief->isShown())
                <span class="fine">students do not see it yet</span>
            @endif
        </li>
    @endforeach
    @if ($planned->stillHidden > 0)
        <li class="fine">{{ trans_choice('{1} A brief follows|[2,*] :count briefs follow', $planned->stillHidden) }}
        </li>
    @endif
</ul>
