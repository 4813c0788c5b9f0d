<x-layout title="Back in a moment">
    <div class="sheet narrow">
        <h1>Back in a moment</h1>
        <p>The application is starting or being looked after.</p>
        <p><a class="button" href="/">To the courses</a></p>
    </div>
</x-layout>
