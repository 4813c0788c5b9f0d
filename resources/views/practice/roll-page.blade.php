<x-layout title="Your roll" wide>
    <div class="sheet-head">
        <h1>Your roll</h1>
        <a class="button" href="{{ route('practice') }}">To the scenes</a>
    </div>
    <div id="roll">@include('practice.roll')</div>
</x-layout>
