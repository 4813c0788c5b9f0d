@use(TruePupil\Core\Roll\MeteredFrom)
@use(TruePupil\Core\Roll\RollStage)
<x-layout :title="$view->roll->name" keeps>
    <p class="eyebrow"><a href="{{ route('film') }}">Rolls of film</a></p>
    <div class="title-row">
        <h1>{{ $view->roll->name }} <span class="state">{{ $view->roll->stage->label() }}</span></h1>
        <a class="button no-print" href="{{ route('film.edit', $view->stored) }}">Change it</a>
    </div>
    <p>{{ $view->roll->film->name }} · exposed at {{ $view->roll->index() }} ·
        {{ $view->roll->development() }}{{ $view->roll->camera ? ' · ' . $view->roll->camera : '' }}</p>
    @if ($view->roll->speedWords())
        <p class="word">{{ $view->roll->speedWords() }}</p>
    @endif
    @if ($view->roll->stage === RollStage::Spoiled && $view->roll->mishap)
        <p class="word">{{ ucfirst($view->roll->mishap->label()) }}. It happens to everybody who loads film.
            {{ $view->roll->mishap->advice() }}</p>
    @endif
    <p class="button-row no-print">
        @if ($view->log->next() && $view->roll->stage === RollStage::Loaded)
            <a class="button primary" href="#frame-{{ $view->log->next() }}">Write down frame {{ $view->log->next()
                }}</a>
        @endif
        <a class="button" href="{{ route('film.card', $view->stored) }}">Card to print</a>
        <a class="button" href="{{ route('film.order', $view->stored) }}">Order for the laboratory</a>
    </p>
    @if ($view->log->gaps())
        <p class="fine">Nothing is written down for {{ implode(', ', $view->log->gaps()) }}.</p>
    @endif
    <datalist id="what-happened">
        @foreach (['not exposed', 'exposed twice', 'light got in', 'blurred by mistake', 'lost in developing'] as $word)
            <option value="{{ $word }}"></option>
        @endforeach
    </datalist>
    <section class="sheet" aria-labelledby="log" data-notebook="{{ route('film.notes', $view->stored, false) }}">
        <h2 id="log">Log</h2>
        <p class="fine no-print" role="status" data-notes-said></p>
        @foreach ($view->log->numbers() as $index => $number)
            <details class="log-frame" id="frame-{{ $number }}">
                <summary><b>{{ $number }}</b> <span data-sum="{{ $number }}">{{ $view->line($number) }}</span>
                    @if ($view->verdicts($number))
                        <span class="fine">handed in</span>
                    @endif
                </summary>
                <div class="log-fields">
                    @foreach (['aperture' => ['Aperture', '8'], 'time' => ['Time', '1/60'],
                        'lens' => ['Lens', '50 mm'], 'filter' => ['Filter', 'yellow, 1 stop'],
                        'reading' => ['Reading, EV', '8']] as $field => [$label, $example])
                        <label>{{ $label }} <input data-entry="{{ $number }}" data-field="{{ $field }}"
                                value="{{ $view->text($number, $field) }}" placeholder="{{ $example }}"
                                maxlength="60" autocomplete="off"></label>
                    @endforeach
                    <label>Read from <select data-entry="{{ $number }}" data-field="from">
                            <option value=""></option>
                            @foreach (MeteredFrom::cases() as $from)
                                <option value="{{ $from->value }}"
                                    @selected($view->text($number, 'from') === $from->value)>{{ $from->label() }}
                                </option>
                            @endforeach
                        </select></label>
                    <label class="log-wide">Note <input data-entry="{{ $number }}" data-field="word"
                            value="{{ $view->text($number, 'word') }}" maxlength="300" autocomplete="off"
                            placeholder="what it shows, and why this way"></label>
                    <label class="log-wide">What went wrong <span class="fine">if something did</span> <input
                            data-entry="{{ $number }}" data-field="lost" list="what-happened" maxlength="60"
                            value="{{ $view->text($number, 'lost') }}" autocomplete="off"></label>
                </div>
                @isset($view->log->numbers()[$index + 1])
                    <p class="no-print"><a class="button" href="#frame-{{ $view->log->numbers()[$index + 1] }}">On to
                            frame {{ $view->log->numbers()[$index + 1] }}</a></p>
                @endisset
                @foreach ($view->problems($number) as $problem)
                    <p class="word word-problem">{{ $problem }} <span class="fine">What you wrote is kept.</span></p>
                @endforeach
                @if ($view->remark($number))
                    <p>{{ $view->remark($number) }}</p>
                @endif
                @foreach ($view->verdicts($number) as $verdict)
                    <p><a href="{{ $verdict['url'] }}">{{ $verdict['where'] }}</a>: {{ $verdict['words'] }}</p>
                @endforeach
                @if ($view->writtenAt($number))
                    <p class="fine">Written down {{ $view->writtenAt($number) }}.{{ $view->earlier($number)
                        ? ' Before: ' . implode('; ', $view->earlier($number)) . '.' : '' }}</p>
                @endif
            </details>
        @endforeach
    </section>
    <section class="sheet no-print" aria-labelledby="files">
        <h2 id="files">In and out</h2>
        <p class="button-row"><a class="button" href="{{ route('film.table', $view->stored) }}">Log as a table</a> <a
                class="button" href="{{ route('film.document', $view->stored) }}">Roll as a file</a></p>
        <form method="post" action="{{ route('film.import', $view->stored) }}" enctype="multipart/form-data"
            data-once>@csrf
            <label for="file">A log from elsewhere <span class="fine">a table (CSV) or a file of a roll; what stood
                    here before can still be read</span> <input id="file" type="file" name="file"
                    accept=".csv,.json,text/csv,application/json"></label>
            <button>Take it in</button>
        </form>
    </section>
    <p class="fine no-print">What you write is kept on this device and sent when there is a network. To open the log
        out there too, be signed in to stay signed in, and look at it once before you go.</p>
</x-layout>
