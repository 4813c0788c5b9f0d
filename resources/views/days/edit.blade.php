<x-layout title="The day’s sheet" :course="$sheet->setBrief->course">
    <p class="eyebrow"><a href="{{ route('set-briefs.show', $sheet->setBrief) }}">{{
        $sheet->setBrief->content()->words->title }}</a> · day’s sheet</p>
    <h1>What is to be done on the day?</h1>
    <form method="post" action="{{ route('days.update', $sheet->setBrief) }}" class="day-form" data-once>
        @csrf @method('put')
        <section class="sheet" aria-labelledby="when">
            <h2 id="when">When and where</h2>
            <label for="title">What it is</label>
            <input id="title" name="title" value="{{ old('title', $sheet->content['title'] ?? '') }}" maxlength="120"
                placeholder="The kiln is opened" autocomplete="off">
            <div class="day-when">
                @foreach (['date' => ['Day', 'date', ''], 'begins' => ['From', 'time', ''],
                    'ends' => ['To', 'time', ''], 'lat' => ['Latitude', 'text', '50.1'],
                    'lon' => ['Longitude', 'text', '10.2, east is +']] as $name => [$label, $type, $example])
                    <label>{{ $label }} <input type="{{ $type }}" name="{{ $name }}" maxlength="40"
                            value="{{ old($name, $sheet->content[$name] ?? '') }}" placeholder="{{ $example }}"
                            autocomplete="off"></label>
                @endforeach
            </div>
            <p><button type="button" data-here data-timezone="{{ $sheet->setBrief->course->timezone }}">Here,
                    today</button> <span class="fine" data-here-said role="status">With a place and a day, the sheet
                    says where the sun stands. Time as in {{ $sheet->setBrief->course->timezone }}.</span></p>
        </section>
        <section class="sheet" aria-labelledby="scouting">
            <h2 id="scouting">Look round first</h2>
            <div data-lines="scouting">
                @foreach (array_values(old('scouting', $sheet->content['scouting'] ?? [])) as $index => $line)
                    @include('days.scouting-line')
                @endforeach
                @include('days.scouting-line', ['line' => [], 'index' => 'new'])
            </div>
            <template data-line="scouting">@include('days.scouting-line', ['line' => [], 'index' => 'NEW'])</template>
            <button type="button" data-add-line="scouting">Another line</button>
        </section>
        <section class="sheet" aria-labelledby="shots">
            <h2 id="shots">Shots</h2>
            <p class="fine">The sheet puts them in the order of the day: the surroundings first, then details, then
                moments, and what has its hour at its hour.</p>
            <datalist id="ready-settings">
                @foreach ($settings as $line)
                    <option value="{{ $line }}"></option>
                @endforeach
            </datalist>
            <div data-lines="shots">
                @foreach (array_values(old('shots', $sheet->content['shots'] ?? [])) as $index => $line)
                    @include('days.shot-line')
                @endforeach
                @include('days.shot-line', ['line' => [], 'index' => 'new'])
            </div>
            <template data-line="shots">@include('days.shot-line', ['line' => [], 'index' => 'NEW'])</template>
            <button type="button" data-add-line="shots">Another shot</button>
        </section>
        <button class="primary">Keep the sheet</button>
    </form>
    <details class="sheet">
        <summary>From a file</summary>
        <form method="post" action="{{ route('days.import', $sheet->setBrief) }}" enctype="multipart/form-data"
            data-once>@csrf
            <label for="file">A day’s sheet that was kept as a file <input id="file" type="file" name="file"
                    accept="application/json,.json"></label>
            <button>Take it in place of this one</button>
        </form>
    </details>
    @if ($sheet->exists)
        <form method="post" action="{{ route('days.destroy', $sheet->setBrief) }}" data-once>@csrf @method('delete')
            <button class="plain">Delete the sheet and its notes</button></form>
    @endif
</x-layout>
