{{-- What of a day's sheet was not ticked: told at hand-in, and at the desk. --}}
@if ($day)
    @if ($day->gaps())
        <details class="day-gaps">
            <summary>{{ $own ? 'Your' : 'The' }} day’s sheet: {{ count($day->sheet->shots) - count($day->gaps()) }} of
                {{ count($day->sheet->shots) }} shots ticked</summary>
            <p>Not ticked:</p>
            <ul>
                @foreach ($day->gaps() as $shot)
                    <li>{{ $shot->title }}{{ $day->word($shot->id) ? ' – ' . $day->word($shot->id) : '' }}</li>
                @endforeach
            </ul>
            @if ($own)
                <p class="fine"><a href="{{ route('days.show', $day->stored->setBrief) }}">To the sheet</a>. A word on
                    each says why; your instructor reads it with the frames.</p>
            @endif
        </details>
    @else
        <p class="fine">{{ $own ? 'Your' : 'The' }} day’s sheet: all {{ count($day->sheet->shots) }} shots ticked.</p>
    @endif
@endif
