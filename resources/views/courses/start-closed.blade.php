<x-layout title="Start a course">
    <div class="sheet narrow">
        <h1>By invitation</h1>
        <p>Courses are started here by people whom whoever runs this installation invited. Ask them for a link. One that
            was used, or is old, no longer counts.</p>
        @guest<p>Teaching here already? <a href="{{ route('sign-in') }}">Sign in</a> first.</p>@endguest
        <p>To take part in a course, <a href="{{ route('join') }}">join it with its code</a>.</p>
    </div>
</x-layout>
