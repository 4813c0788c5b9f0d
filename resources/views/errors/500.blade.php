<x-layout title="Something broke on our side">
    <div class="sheet narrow">
        <h1>Something broke on our side</h1>
        <p>It has been written to the log. What was stored before is safe; go back and try again.</p>
        <p><a class="button" href="/">To the courses</a></p>
    </div>
</x-layout>
