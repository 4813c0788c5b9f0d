<x-layout :title="$sheet->title . ' · Bench'" wide>
    <p class="eyebrow"><a href="{{ route('bench') }}">Bench</a> · {{ $topic }}</p>
    <h1>{{ $sheet->title }}</h1>
    <p class="lead-text"><x-words :of="$sheet->lead" /></p>
    <div class="bench-sheet">
        <form method="get" action="{{ route('bench.show', $id) }}" class="sheet bench-form"
            hx-get="{{ route('bench.show', $id) }}" hx-trigger="input delay:250ms, change, submit"
            hx-target="#answer" hx-swap="outerHTML" hx-replace-url="true" hx-sync="this:replace">
            <div class="bench-fields">
                @foreach ($sheet->fields as $field)
                    <label @class(['bench-long' => $field->long])>{{ $field->label }} @if ($field->unit)
                            <span class="fine">{{ $field->unit }}</span>
                        @endif
                        @if ($field->choices)
                            <select name="{{ $field->key }}">
                                @foreach ($field->choices as $value => $label)
                                    <option value="{{ $value }}" @selected($values[$field->key] === (string) $value)>
                                        {{ $label }}</option>
                                @endforeach
                            </select>
                        @elseif ($field->long)
                            <textarea name="{{ $field->key }}" rows="4"
                                spellcheck="false">{{ $values[$field->key] }}</textarea>
                        @else
                            <input name="{{ $field->key }}" value="{{ $values[$field->key] }}" maxlength="60"
                                autocomplete="off" spellcheck="false">
                        @endif
                    </label>
                @endforeach
            </div>
            <button>Work it out</button>
        </form>
        @include('bench.answer')
    </div>
</x-layout>
