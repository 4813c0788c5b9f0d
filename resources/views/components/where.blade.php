@props(['finding'])
@if ($finding->found()->patch)
    <button type="button" class="plain where" data-where aria-pressed="false"
        aria-label="where in the picture">where</button>
@endif
