<form id="plan-kept" method="post" action="{{ route('plans.answer', $setBrief) }}" class="sheet plan-kept"
    hx-post="{{ route('plans.answer', $setBrief) }}" hx-trigger="change" hx-target="#answer" hx-swap="outerHTML"
    @if ($swapped ?? false) hx-swap-oob="true" @endif>
    @csrf
    <label for="kept-sharp">How much of it is sharp? <output>{{ $sheet->questions()->kept()['says'] }}</output></label>
    <input id="kept-sharp" type="range" name="kept" min="0" max="3" step="1"
        value="{{ $sheet->questions()->kept()['at'] }}"
        aria-valuetext="{{ $sheet->questions()->kept()['says'] }}">
    <p class="slider-ends fine" aria-hidden="true"><span>near eye</span><span>both eyes</span><span>whole
            head</span><span>everything</span></p>
    <noscript><button>Work it out</button></noscript>
</form>
