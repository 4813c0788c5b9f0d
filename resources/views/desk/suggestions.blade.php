<div id="suggestions-{{ $view->frame->id }}" @if ($swapped ?? false) hx-swap-oob="true" @endif>
    @if ($view->suggestions())
        <fieldset>
            <legend>Suggestion to go with the return{{ $view->isOneOfSeveral() ? ': ' . $view->frame->original_name
                : '' }}</legend>
            <input type="hidden" name="suggestion_was[{{ $view->frame->id }}]"
                id="suggestion-was-{{ $view->frame->id }}" value="{{ $view->frame->chosen_suggestion ?? 0 }}">
            @foreach ($view->suggestions() as $index => $suggestion)
                <label class="choice"><input type="radio" name="suggestion[{{ $view->frame->id }}]"
                        value="{{ $index }}" @checked(($view->frame->chosen_suggestion ?? 0) === $index)> <span
                        class="choice-body"><x-suggestion
                            :suggestion="$suggestion" :number="$index === App\Models\Frame::INSTRUCTOR_SUGGESTION ? null
                            : $index + 1" /></span></label>
            @endforeach
            <x-retake :frame="$view->frame" :number="$view->frame->chosen_suggestion ?? 0" />
        </fieldset>
    @elseif ($view->missingForSuggestions())
        <p class="fine">Other settings cannot be suggested: the file does not record, and nobody stated,
            {{ implode(', ', $view->missingForSuggestions()) }}.</p>
    @endif
</div>
