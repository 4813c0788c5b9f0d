<form id="plan-questions" method="post" action="{{ route('plans.answer', $setBrief) }}" class="sheet plan-questions"
    hx-post="{{ route('plans.answer', $setBrief) }}" hx-trigger="change" hx-target="#answer" hx-swap="outerHTML"
    hx-sync="this:replace" @if ($swapped ?? false) hx-swap-oob="true" @endif>
    @csrf
    @foreach ($sheet->questions()->all() as $name => $question)
        <fieldset class="plan-question">
            <legend>{{ $question['asks'] }}</legend>
            <div class="chips">
                @foreach ($question['answers'] as $value => $label)
                    <label class="chip"><input type="radio" name="{{ $name }}" value="{{ $value }}"
                            @checked($question['chosen'] === $value)> <span>{{ $label }}</span></label>
                @endforeach
            </div>
        </fieldset>
    @endforeach
    <noscript><button class="primary">Work it out</button></noscript>
</form>
