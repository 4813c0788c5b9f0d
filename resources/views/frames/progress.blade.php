@use(App\Models\AttemptState)
@use(App\Models\FrameState)
<div id="frame"
    @if ($frame->state->isBusy()) hx-get="{{ route('frames.progress', [$frame, 'seen' => $frame->state->value]) }}"
        hx-trigger="every 700ms" hx-swap="outerHTML" @endif>
    @if ($frame->state === FrameState::Refused)
        <div class="word word-problem" role="alert">
            <p><b>{{ $frame->original_name }}</b> could not be taken. {{ $frame->problem }}</p>
            <p><a class="button" href="{{ route('set-briefs.show', $frame->attempt->setBrief) }}">Choose another
                picture</a></p>
        </div>
    @elseif ($frame->state === FrameState::Reading)
        <div class="sheet waiting"><span class="turning" aria-hidden="true"></span>
            <p>The picture has arrived. Its record is being read …</p>
        </div>
    @else
        @if ($frame->problem)
            <p class="word word-problem">{{ $frame->problem }}</p>
        @endif
        @include($frame->attempt->state === AttemptState::Draft ? 'frames.prepare' : 'frames.handed-in')
        @if ($frame->attempt->state === AttemptState::Draft && $view->missing()->cause())
            <form method="post" action="{{ route('frames.destroy', $frame) }}" id="another-file" data-once>@csrf
                @method('delete')</form>
        @endif
        @if ($frame->attempt->state === AttemptState::Draft)
            <x-scans :attempt="$frame->attempt" />
        @endif
        <section id="result" aria-live="polite">
            @if ($frame->state === FrameState::Judging)
                <div class="sheet waiting"><span class="turning" aria-hidden="true"></span>
                    <p>Counting tones and working out the light …</p>
                    @if ($frame->attempt->state === AttemptState::Draft && $view->brief()->most() === 1)
                        <form method="post" action="{{ route('attempts.hand-in', $frame->attempt) }}" data-once>
                            @csrf<x-may-show :attempt="$frame->attempt" />
                            <button>Hand in without waiting</button></form>
                    @endif
                </div>
            @elseif ($frame->state === FrameState::Judged)
                @include('frames.result')
            @endif
        </section>
    @endif
</div>
