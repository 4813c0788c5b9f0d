<p class="word" role="status" hx-get="{{ route('courses.demo', $course) }}" hx-trigger="every 3s"
    hx-swap="outerHTML">The practice camera is still taking this demo's pictures: {{ $loading->done }} of
    {{ $loading->total }} attempts are here. The rest arrive by themselves.</p>
