@props(['finding'])
@if ($finding->found()->patch)
    <button type="button" class="plain where" data-where aria-pressed="false">where</button>
@endif
