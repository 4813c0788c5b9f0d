@props(['impossible'])
<div class="impossible">
    <p><b>Nothing in the kit meets every wish.</b> {{ $impossible['reason'] }}</p>
    @if ($impossible['wouldHelp'])
        <p class="fine">With one of these it would be possible:</p>
        <ul>
            @foreach ($impossible['wouldHelp'] as $help)
                <li>{{ $help['sentence'] }}</li>
            @endforeach
        </ul>
    @endif
</div>
