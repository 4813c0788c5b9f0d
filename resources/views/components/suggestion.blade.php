@props(['suggestion'])
<div class="suggestion">
    <p class="suggestion-title">{{ $suggestion['title'] }}</p>
    <ul class="gains">
        @foreach ($suggestion['gains'] as $gain)<li><span class="sign" aria-label="gains">+</span> {{ $gain }}</li>@endforeach
        @foreach ($suggestion['costs'] as $cost)<li><span class="sign" aria-label="costs">−</span> {{ $cost }}</li>@endforeach
    </ul>
</div>
