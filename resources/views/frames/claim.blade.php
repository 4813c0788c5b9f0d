<p class="fine" data-look-words aria-live="polite">{{ $claim->words() }}</p>
<div class="claim" data-claim @if (!$claim->isThere()) hidden @endif>
    <input type="hidden" name="seen" value="{{ $claim->value }}">
    <label class="choice"><input type="checkbox" data-right @checked($claim->isConfirmed())> It is right that
        there is <span data-list>{{ $claim->list() }}</span></label>
    <button type="button" class="plain" data-forget>Forget it</button>
</div>
@error('seen')
    <p class="field-problem">{{ $message }}</p>
@enderror
