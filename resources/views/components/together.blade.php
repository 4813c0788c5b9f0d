<details class="quiet-fold no-print">
    <summary>Brought together</summary>
    <div hx-get="{{ route('frames.together', $last) }}" hx-trigger="toggle from:closest details once"
        hx-swap="innerHTML"><span class="turning" aria-hidden="true"></span> Working it out …</div>
</details>
