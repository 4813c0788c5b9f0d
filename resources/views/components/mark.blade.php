{{-- The product's mark: a pupil inside the widest it opens to, drawn to scale (f/5.6 within f/2). --}}
<svg class="brand-mark" viewBox="0 0 24 24" width="26" height="26" aria-hidden="true">
    <circle cx="12" cy="12" r="10.6" fill="none" stroke="currentColor" stroke-width="1.4" />
    <circle cx="12" cy="12" r="3.8" fill="currentColor" />
</svg>
