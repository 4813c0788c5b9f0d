@props(['waiting', 'facts', 'course'])
<ol class="contact-row waiting-sheet">
    @foreach ($waiting as $one)
        <x-waiting-card :one="$one" :fact="$facts[$one['attempt']]" :course="$course" />
    @endforeach
</ol>
