<x-layout title="Slow down a little">
    <div class="sheet narrow">
        <h1>Slow down a little</h1>
        <p>Too many tries in a short time. Wait a minute; nothing was lost.</p>
        <p><a class="button" href="/">To the courses</a></p>
    </div>
</x-layout>
