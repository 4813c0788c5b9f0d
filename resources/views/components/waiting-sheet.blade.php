@props(['waiting', 'course', 'withBrief' => true])
<ol class="contact-row waiting-sheet">
    @foreach ($waiting as $one)
        <x-waiting-card :one="$one" :course="$course" :withBrief="$withBrief" />
    @endforeach
</ol>
