<div class="first-things" role="group" aria-label="The three things to take along">
    @foreach ($returned->first() ?: ($returned->change() ? [] : $returned->quiet()) as $one)
        <div @isset($one['finding']) {{ $one['finding']->patch() }} @endisset>
            <h2>@if ($number = $returned->view->frame->noteNumbers()[$one['note']->id ?? 0] ?? null)<b
                    class="note-number">{{ $number }}</b> @endif{{ $one['label'] }} <span
                    class="fine">{{ $one['by'] }}</span>
                @isset($one['finding'])
                    <x-where :finding="$one['finding']" />
                @endisset
            </h2>
            @isset($one['note'])
                <x-voice :note="$one['note']" />
            @endisset
            <p><x-words :of="$one['text']" /></p>
        </div>
    @endforeach
    @if ($returned->change())
        <div>
            <h2>The setting to change first</h2>
            <x-suggestion :suggestion="$returned->change()" />
            @if (App\Practice\Retake::isPossible($returned->view->frame,
                $returned->view->frame->chosen_suggestion ?? 0))
                <details class="quiet-fold">
                    <summary>See the same moment at these settings</summary>
                    <x-retake :frame="$returned->view->frame"
                        :number="$returned->view->frame->chosen_suggestion ?? 0" />
                </details>
            @endif
        </div>
    @endif
</div>
