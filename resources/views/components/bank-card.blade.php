@props(['card', 'pocket' => false])
<h2>
    {{ $card->bank->name }} @if ($card->bank->body->slot)
        <span class="fine">on {{ $card->bank->body->slot }}</span>
    @endif
</h2>
<dl class="bank-lines">
    @foreach ($card->lines() as [$name, $value])
        <div>
            <dt>{{ $name }}</dt>
            <dd>{{ $value }}</dd>
        </div>
    @endforeach
</dl>
@foreach ($card->conflicts() as $conflict)
    <p class="word word-problem">{{ $conflict }}</p>
@endforeach
@if ($card->clamps())
    <h3>What your lenses give</h3>
    <ul class="bank-lenses">
        @foreach ($card->clamps() as $clamp)
            <li>
                @if ($pupil = $card->pupil($clamp))
                    <x-pupil :pupil="$pupil" small />
                @endif
                <span>{{ $clamp->lens->name }}{{ $clamp->lens->minFocal < $clamp->lens->maxFocal ? ' at '
                    . round($clamp->focalLength) . ' mm' : '' }}:
                    <b>{{ $clamp->given }}</b>
                    @if ($clamp->isClamped())
                        <span class="fine">instead of {{ $card->bank->aperture() }}:
                            {{ $clamp->lost->value > 0 ? $clamp->lost->inWords() . ' of light lost'
                                : \TruePupil\Core\Exposure\Stops::of(-$clamp->lost->value)->inWords()
                                . ' of light too many' }}</span>
                    @endif
                </span>
            </li>
        @endforeach
    </ul>
@endif
<h3>When you pack up</h3>
<ul class="bank-pack">
    @foreach ($card->packUp() as $line)
        <li>{{ $line }}</li>
    @endforeach
</ul>
