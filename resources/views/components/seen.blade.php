{{-- What told of this page is read with it; by a request of its own, since looking a page up ahead reads nothing. --}}
<div hidden data-quiet hx-post="{{ route('notices.seen') }}" hx-trigger="load" hx-swap="none"
    hx-vals='{"path": "/{{ request()->path() }}"}'></div>
