<x-layout :title="'Day: ' . ($view->sheet->title ?: $view->stored->setBrief->content()->words->title)"
    :course="$view->stored->setBrief->course" keeps>
    <p class="eyebrow"><a href="{{ route('set-briefs.show', $view->stored->setBrief) }}">{{
        $view->stored->setBrief->content()->words->title }}</a>{{ $view->sheet->date ? ' · '
        . $view->sheet->date->format('l j F') : ' · day’s sheet' }}</p>
    <div class="title-row">
        <h1>{{ $view->sheet->title ?: 'The day' }}</h1>
        <a class="button no-print" href="{{ route('days.edit', $view->stored->setBrief) }}">Change it</a>
    </div>
    <div data-notebook="{{ route('days.notes', $view->stored->setBrief, false) }}">
        <p class="fine no-print" role="status" data-notes-said></p>
        @if ($view->sheet->scouting)
            <section class="sheet" aria-labelledby="scouting">
                <h2 id="scouting">Look round first</h2>
                <ul class="day-list">
                    @foreach ($view->sheet->scouting as $line)
                        <li class="day-line">
                            <label class="day-tick"><input type="checkbox" value="1" data-entry="{{ $line->id }}"
                                    data-field="done" @checked($view->isDone($line->id))>
                                <span>{{ $line->kind->begins() }}: {{ $line->text }}</span></label>
                            @include('days.word', ['id' => $line->id, 'of' => $line->text])
                        </li>
                    @endforeach
                </ul>
            </section>
        @endif
        <section class="sheet" aria-labelledby="shots">
            <h2 id="shots">Shots</h2>
            @if ($view->sheet->shots)
                <p class="fine">{{ $view->time() }}</p>
            @else
                <p>No shot yet. <a href="{{ route('days.edit', $view->stored->setBrief) }}">Write down the first</a></p>
            @endif
            <ol class="day-list">
                @foreach ($view->lines() as $line)
                    @if ($line['heading'])
                        <li class="day-heading"><h3>{{ $line['heading'] }}</h3></li>
                    @endif
                    @if ($line['event'])
                        <li class="day-event"><b>{{ $line['at'] }}</b> {{ $line['event'] }}</li>
                    @else
                        <li class="day-line">
                            <label class="day-tick"><input type="checkbox" value="1"
                                    data-entry="{{ $line['shot']->shot->id }}" data-field="done"
                                    @checked($view->isDone($line['shot']->shot->id))>
                                <span>@if ($line['at'])<b class="day-at">{{ $line['at'] }}</b>@endif
                                    {{ $line['shot']->shot->title }}
                                    <span class="fine">{{ $line['shot']->shot->kind->label() }},
                                        {{ $line['shot']->shot->minutes }} min</span></span></label>
                            @if ($line['shot']->problem())
                                <p class="word word-problem">{{ $line['shot']->problem() }}</p>
                            @endif
                            @if ($line['shot']->shot->safe)
                                <p class="day-settings"><b>First, to be sure:</b> {{ $line['shot']->shot->safe }}</p>
                            @endif
                            @if ($line['shot']->shot->settings)
                                <p class="day-settings">@if ($line['shot']->shot->safe)<b>Then the one you
                                        want:</b>@endif {{ $line['shot']->shot->settings }}</p>
                            @endif
                            @if ($view->light($line['shot']))
                                <p class="fine">{{ $view->light($line['shot']) }}.</p>
                            @endif
                            @include('days.word', ['id' => $line['shot']->shot->id, 'of' => $line['shot']->shot->title])
                        </li>
                    @endif
                @endforeach
            </ol>
        </section>
    </div>
    @if ($view->leftOver())
        <section class="sheet" aria-labelledby="left-over">
            <h2 id="left-over">Noted for what is no longer on the sheet</h2>
            <ul class="plain-list">
                @foreach ($view->leftOver() as $word)
                    <li>{{ $word }}</li>
                @endforeach
            </ul>
        </section>
    @endif
    <div class="cautions">
        <h2>Take care</h2>
        <x-cautions :cautions="$view->stored->setBrief->content()->words->cautions" />
    </div>
    <p class="button-row no-print"><button type="button" data-print>Print</button> <a class="button"
            href="{{ route('days.document', $view->stored->setBrief) }}">As a file</a></p>
    <p class="fine no-print">Ticks and words are kept on this device and sent when there is a network. To open the
        sheet out there too, be signed in to stay signed in, and look at it once before you go. What was not ticked is
        told when you hand in, to your instructor too.</p>
</x-layout>
