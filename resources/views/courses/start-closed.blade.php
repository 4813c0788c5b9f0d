<x-layout title="Start a course">
    <div class="sheet narrow">
        <h1>By invitation</h1>
        <p>To start a course here you need a link. Whoever runs this installation can make one for you; it counts once,
            and for some days.</p>
        @guest<p>Teaching here already? <a href="{{ route('sign-in') }}">Sign in</a> first.</p>@endguest
        <p>To take part in a course, <a href="{{ route('join') }}">join it with its code</a>.</p>
    </div>
</x-layout>
