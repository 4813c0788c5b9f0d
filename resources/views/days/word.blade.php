<details class="day-word" @if ($view->word($id) !== '') open @endif>
    <summary>Note<span class="visually-hidden"> on {{ $of }}</span></summary>
    <input data-entry="{{ $id }}" data-field="word" value="{{ $view->word($id) }}" maxlength="200" autocomplete="off"
        aria-label="A word on {{ $of }}">
</details>
@if ($view->doneAt($id) || $view->earlierWords($id))
    <p class="fine">{{ $view->doneAt($id) ? 'Ticked ' . $view->doneAt($id) . '.' : '' }}
        {{ $view->earlierWords($id) ? 'Before: ' . implode('; ', $view->earlierWords($id)) . '.' : '' }}</p>
@endif
