@use(App\Models\RollState)
@use(App\Models\ShotQuality)
@use(App\Practice\Scene)
<section aria-labelledby="roll-title" class="roll"
    @if (($roll[0] ?? null)?->state === RollState::Ready) data-newest="{{ $roll[0]->id }}" @endif
    @if ($roll->contains('state', RollState::Developing)) hx-get="{{ route('roll') }}" hx-trigger="load delay:1s"
        hx-target="#roll" hx-swap="innerHTML" @endif>
    <div class="title-row">
        <h2 id="roll-title">Your roll</h2>
        <p class="fine">{{ $roll->count() }} of {{ App\Practice\Roll::LENGTH }} frames</p>
    </div>
    <div class="fine roll-said" role="status">{{ $message ?? '' }}
        @if ($removed ?? null)
            <form method="post" action="{{ route('roll.restore', $removed) }}"
                hx-post="{{ route('roll.restore', $removed) }}" hx-target="#roll" hx-swap="innerHTML">@csrf<button
                    class="plain">Bring it back</button></form>
        @endif
    </div>
    @if ($roll->isEmpty())
        <p class="fine">Nothing taken yet. Choose a scene, set the camera and press the shutter.</p>
    @else
        <form method="get" action="{{ route('roll.compare') }}" id="compare">
            <ol class="roll-frames">
                @foreach ($roll as $frame)
                    <li class="roll-frame">
                        @if ($frame->state === RollState::Ready)
                            <a href="{{ route('roll.picture', $frame) }}"><img src="{{ route('roll.picture', $frame) }}"
                                    width="270" height="180" loading="lazy"
                                    alt="{{ Scene::titleOf($frame->scene) }}, {{
                                    $frame->exposure()
                                    }}"></a>
                        @else
                            <div class="roll-wait">
                                {{ $frame->state === RollState::Developing ? 'being developed …' : $frame->problem }}
                            </div>
                        @endif
                        <p><b>{{ $frame->exposure() }}</b><br><span
                            class="fine">{{ Scene::titleOf($frame->scene) }}@if ($frame->result)
                                    · meter {{ $frame->ledger()->balance->signed() }}
                                @endif · {{ $frame->taken_at->format('H:i:s') }} UTC</span></p>
                        <div class="roll-actions">
                            @if ($frame->state === RollState::Ready)
                                <label class="fine"><input type="checkbox" name="frame[]"
                                        value="{{ $frame->id }}"> side by side</label>
                                @if ($frame->quality()->hasRaw())
                                    <a class="fine" href="{{ route('roll.download', [$frame, 'file' => 'raw']) }}">raw
                                        file<span class="visually-hidden"> {{ $frame->fileName() }}</span></a>
                                @endif
                                @if ($frame->quality() !== ShotQuality::Raw)
                                    <a class="fine" href="{{ route('roll.download', $frame) }}">{{
                                        $frame->quality()->hasRaw() ? 'JPEG' : 'download' }}<span
                                        class="visually-hidden"> {{ $frame->nameOf(false) }}</span></a>
                                @endif
                            @endif
                            <a class="fine"
                                href="{{ route('practice.show',
                                ['scene' => $frame->scene,
                                ...array_diff_key($frame->settings, ['seed' => 1, 'held' => 1])]) }}">set
                                the camera so<span class="visually-hidden">: {{ $frame->exposure() }}</span></a>
                            <button class="plain fine" form="remove-{{ $frame->id }}">remove<span
                                    class="visually-hidden"> {{ $frame->fileName() }}</span></button>
                            @if ($frame->state === RollState::Ready && $briefs->isNotEmpty())
                                <details>
                                    <summary class="fine">hand in</summary>
                                    <label class="fine">for <select name="brief"
                                            form="hand-in-{{ $frame->id }}">
                                            @foreach ($briefs as $setBrief)
                                                <option value="{{ $setBrief->id }}">{{
                                                    $setBrief->content()->words->title }}
                                                </option>
                                            @endforeach
                                        </select></label>
                                    <button form="hand-in-{{ $frame->id }}">Put it in my attempt</button>
                                </details>
                            @endif
                        </div>
                    </li>
                @endforeach
            </ol>
            <button>Lay two side by side</button>
        </form>
        @foreach ($roll as $frame)
            <form method="post" action="{{ route('roll.destroy', $frame) }}" id="remove-{{ $frame->id }}"
                hx-delete="{{ route('roll.destroy', $frame) }}" hx-target="#roll" hx-swap="innerHTML">@csrf
                @method('delete')</form>
            @if ($briefs->isNotEmpty())
                <form method="post" action="{{ route('roll.hand-in', $frame) }}" id="hand-in-{{ $frame->id }}">
                    @csrf</form>
            @endif
        @endforeach
    @endif
</section>
