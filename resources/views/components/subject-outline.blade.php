@props(['shape'])
{{-- What of the rectangle counts as the subject. --}}
<svg class="subject-outline" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true" data-outline>
    <polygon class="under" points="{{ $shape->points() }}" />
    <polygon points="{{ $shape->points() }}" />
</svg>
