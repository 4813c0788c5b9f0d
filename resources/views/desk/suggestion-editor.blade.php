{{-- One value is changed, another follows the light; the server works it out and draws all of it anew. --}}
<div class="suggestion-editor" id="suggestion-editor-{{ $frame->id }}">
    @if ($form === null)
        <p class="word">{{ $problem }}</p>
    @else
        <form method="post" action="{{ route('suggestions.update', $frame) }}"
            hx-put="{{ route('suggestions.update', $frame) }}" hx-target="#suggestion-editor-{{ $frame->id }}"
            hx-swap="outerHTML">
            @csrf @method('put')
            <input type="hidden" name="on" value="{{ $on }}">
            @isset($stale)
                <div class="word word-problem" role="alert">
                    <p>{{ $stale->getMessage() }}</p>
                    <x-suggestion :suggestion="$stale->theirs" />
                </div>
            @endisset
            <div class="intent-grid">
                @foreach ($form->dials() as $field => $dial)
                    <label>{{ $dial['label'] }} <select id="suggest-{{ $field }}-{{ $frame->id }}"
                            name="{{ $field }}" hx-get="{{ route('suggestions.edit', $frame) }}" hx-trigger="change"
                            hx-include="#suggestion-editor-{{ $frame->id }}"
                            hx-target="#suggestion-editor-{{ $frame->id }}" hx-swap="outerHTML"
                            hx-sync="#suggestion-editor-{{ $frame->id }}:replace">
                            @foreach ($dial['options'] as $value => $text)
                                <option value="{{ $value }}" @selected((string) $value === $dial['value'])>{{ $text }}
                                </option>
                            @endforeach
                        </select>
                    </label>
                @endforeach
                <label>Follows the light <select id="suggest-follows-{{ $frame->id }}" name="follows"
                        hx-get="{{ route('suggestions.edit', $frame) }}" hx-trigger="change"
                            hx-include="#suggestion-editor-{{ $frame->id }}"
                            hx-target="#suggestion-editor-{{ $frame->id }}" hx-swap="outerHTML"
                            hx-sync="#suggestion-editor-{{ $frame->id }}:replace">
                        @foreach ($form->followers() as $value => $text)
                            <option value="{{ $value }}" @selected($value === $form->edit->follows->value)>{{ $text }}
                            </option>
                        @endforeach
                    </select></label>
            </div>
            @if ($sharp = $form->kept())
                <label for="suggest-kept-{{ $frame->id }}">How much of it is sharp?
                    <output>{{ $sharp['says'] }}</output></label>
                <input id="suggest-kept-{{ $frame->id }}" type="range" name="kept" min="0" max="3" step="1"
                    value="{{ $sharp['at'] }}" aria-valuetext="{{ $sharp['says'] }}"
                    hx-get="{{ route('suggestions.edit', $frame) }}" hx-trigger="change"
                    hx-include="#suggestion-editor-{{ $frame->id }}"
                    hx-target="#suggestion-editor-{{ $frame->id }}" hx-swap="outerHTML"
                    hx-sync="#suggestion-editor-{{ $frame->id }}:replace">
                <p class="slider-ends fine" aria-hidden="true"><span>near eye</span><span>both eyes</span><span>whole
                        head</span><span>everything</span></p>
            @endif
            @foreach ($form->held() as $held)
                <p class="word">{{ $held }}</p>
            @endforeach
            <x-suggestion :suggestion="$form->suggestion()" />
            <p><button>Let this go with the return</button> <span class="fine" role="status">
                    @if ($kept ?? false)
                        Kept: it is chosen below.
                    @endif
                </span></p>
        </form>
        <x-exposure-map :map="$form->map()" id="own-map-{{ $frame->id }}" />
    @endif
</div>
@if ($kept ?? false)
    @include('desk.suggestions', ['view' => $view, 'swapped' => true])
@endif
