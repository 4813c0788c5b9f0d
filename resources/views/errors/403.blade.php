<x-layout title="Not yours to open">
    <div class="sheet narrow">
        <h1>Not yours to open</h1>
        <p>This page belongs to somebody else, or to another role in the course. Nothing was changed.</p>
        <p><a class="button" href="/">To the courses</a></p>
    </div>
</x-layout>
