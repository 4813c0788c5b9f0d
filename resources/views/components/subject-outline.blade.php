@use(App\View\Drawings\ShapeOutline)
@props(['shape'])
{{-- What of the rectangle is taken for the subject. --}}
<svg class="subject-outline" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true" data-outline>
    <polygon class="under" points="{{ ShapeOutline::points($shape) }}" />
    <polygon points="{{ ShapeOutline::points($shape) }}" />
</svg>
