{{ $kept }}<input type="hidden" name="revision" value="{{ $revision }}" id="summary-revision" hx-swap-oob="true">
