@use(TruePupil\Core\Drill\AnswerUnit)
<x-layout :title="$drill->kind->label()">
    <p class="eyebrow"><a href="{{ route('drills') }}">Drills</a> · level {{ $drill->level }} of
        {{ TruePupil\Core\Drill\Spacing::HARDEST }}</p>
    <h1>{{ $drill->kind->label() }}</h1>
    <p class="lead-text"><x-words :of="$drill->question" /></p>
    @if ($strip)
        <x-tone-strip :tones="$strip" id="asked" />
    @endif
    @if ($drill->frames)
        <div class="drill-frames">
            @foreach ($drill->frames as $frame)
                <figure>
                    <div class="surround"><img data-large tabindex="0" role="button"
                        src="{{ route('drills.picture', [...$address, 'frame' => $frame->name]) }}"
                            width="960" height="640"
                            alt="{{ $drill->answer->choices[$frame->name] ?? 'the ' . $frame->name . ' frame' }}"></div>
                    <figcaption>{{ ucfirst($drill->answer->choices[$frame->name] ?? 'the ' . $frame->name . ' frame')
                        }}@if ($isRight !== null)
                            <span class="fine"> · {{ $frame->settings }}</span>
                        @endif
                    </figcaption>
                </figure>
            @endforeach
        </div>
    @endif
    @if ($isRight === null)
        <form method="post" action="{{ route('drills.answer', $address) }}" class="sheet drill-answer">
            @csrf
            @if ($problem)
                <p class="word word-problem" role="alert">{{ $problem }} Nothing is counted yet.</p>
            @endif
            @if ($drill->answer->unit === AnswerUnit::Choice)
                <fieldset class="mode-dial">
                    <legend>Your answer</legend>
                    @foreach ($drill->answer->choices as $name => $words)
                        <label><input type="radio" name="answer" value="{{ $name }}" required
                                @checked($answer === (string) $name)> <span>{{ $words }}</span></label>
                    @endforeach
                </fieldset>
            @else
                <label for="answer">Your answer <span class="fine">{{ $drill->answer->unit->hint() }}</span></label>
                <input id="answer" name="answer" value="{{ $answer }}" maxlength="30" autocomplete="off"
                    required autofocus>
            @endif
            <button class="primary">Answer</button>
        </form>
    @else
        <section class="sheet" aria-live="polite">
            <h2>{{ $isRight ? 'Right.' : 'Not quite.' }}</h2>
            <p>
                @unless ($isRight)
                    You said
                    <b>{{ $drill->answer->choices[$answer] ?? $answer }}</b>.
                @endunless The answer is <b>{{ $drill->rightText() }}</b>. <x-words :of="$drill->answer->why" />
            </p>
            @unless ($isRight)
                <p class="fine">This question comes back in ten minutes.</p>
            @endunless
            @if ($drill->answer->ledgers)
                <details @if (!$isRight) open @endif>
                    <summary>The ledger</summary><x-ledger-compare :before="$drill->answer->ledgers[0]"
                        :after="$drill->answer->ledgers[1]"
                        before-name="Before" after-name="After" caption="line by line" />
                </details>
            @endif
            @if ($round)
                <x-daily-round :round="$round" />
                @if (count($round->answers) === $round::LENGTH)
                    <p><b>That was today’s round: {{ $round->right() }} of five right.</b> What you missed comes back by
                        itself.</p>
                @endif
            @endif
            <p><a class="button primary" href="{{ route('drills.next') }}">Next</a> <a class="button"
                    href="{{ route('drills.next', ['kind' => $drill->kind]) }}">Another of this kind</a></p>
        </section>
    @endif
</x-layout>
