@if ($others)
    {{ collect($others)->join(', ', ' and ') }} {{ count($others) === 1 ? 'is' : 'are' }} at this attempt as well.
@endif
@if ($time)
    <p class="fine">{{ ucfirst($time) }}. <span class="visually-hidden">Only you see this.</span></p>
@endif
