@props(['cautions'])
<ul>
    @foreach ($cautions as $caution)
        <li>{{ $caution }}</li>
    @endforeach
</ul>
<p class="fine">Local rules and licensed practice come before anything said here.</p>
