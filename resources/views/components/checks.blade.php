@props(['checks'])
<ol class="checks">
    @foreach ($checks as $check)
        @php($verdict = \TruePupil\Core\Checks\Verdict::from($check['verdict']))
        @php($measure = \TruePupil\Core\Brief\CheckMeasure::from($check['measure']))
        <li class="check check-{{ $verdict->value }}">
            <span class="verdict">{{ $verdict->label() }}</span>
            <div>
                <strong>{{ $check['sentence'] }}</strong>
                @if ($check['missing'])
                    <p class="fine">Needs
                        {{ implode(', ', array_map(fn($need) => \TruePupil\Core\Situation\Need::from($need)->label(), $check['missing'])) }}.
                    </p>
                @else
                    <p class="fine">
                        {{ ucfirst($measure->label()) }}:
                        <b>{{ is_string($check['value']) ? $measure->word($check['value']) : \App\View\Text::quantity($check['value'], $check['unit']) }}</b>
                        @if ($check['margin'] !== null)
                            , {{ \App\View\Text::margin($check['margin'], $check['unit']) }}
                        @endif.
                        {{ $check['reason'] }}
                    </p>
                @endif
            </div>
        </li>
    @endforeach
</ol>
