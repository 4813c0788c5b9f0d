<x-layout title="Nothing here">
    <div class="sheet narrow">
        <h1>Nothing here</h1>
        <p>There is no such page. It may have been taken away, or the address is mistyped.</p>
        <p><a class="button" href="/">To the courses</a></p>
    </div>
</x-layout>
