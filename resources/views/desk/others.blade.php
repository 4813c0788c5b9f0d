@if ($others)
    {{ collect($others)->join(', ', ' and ') }} {{ count($others) === 1 ? 'is' : 'are' }} at this attempt as well.
@endif
