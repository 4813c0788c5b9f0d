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
