<x-layout title="Confirm your address">
    <div class="sheet narrow">
        <h1>Is this your address?</h1>
        <p><b>{{ $address }}</b></p>
        <form method="post" action="{{ $url }}" data-once>@csrf<button class="primary">Yes, confirm it</button></form>
    </div>
</x-layout>
