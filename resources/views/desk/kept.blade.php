{{ $kept }}<input type="hidden" name="revision" value="{{ $revision }}" id="summary-revision" hx-swap-oob="true">
@foreach ($chosen as $frame => $number)
    <input type="hidden" name="suggestion_was[{{ $frame }}]" value="{{ $number }}" id="suggestion-was-{{ $frame }}"
        hx-swap-oob="true">
@endforeach
