{{-- Asked for at hand-in; the first answer is what is offered from then on. --}}
@props(['attempt'])
<input type="hidden" name="asks_to_show" value="1">
<label class="choice"><input type="checkbox" name="may_show" value="1"
        @checked(auth()->user()->shows_frames ?? $attempt->may_show)> The class may see {{ $attempt->frames->count() > 1
    ? 'these frames' : 'this frame' }} on the projector, without my name</label>
@if (auth()->user()->shows_frames === null)
    <p class="fine">Your choice is offered again next time; you change it here, in the return or under your account.</p>
@endif
