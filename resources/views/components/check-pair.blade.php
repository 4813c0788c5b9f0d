{{-- One check on two frames. --}}
@props(['pair'])
<li><span class="check-{{ $pair[0]->verdict->value }}"><b class="verdict">{{ $pair[0]->verdict->label() }}</b></span>
    <span>{{ $pair[0]->sentence }}<span class="fine">A {{ $pair[0]->missing ? '–' : $pair[0]->value }}, B
            {{ $pair[1]->missing ? '–' : $pair[1]->value }}</span></span>
    <span class="check-{{ $pair[1]->verdict->value }}"><b class="verdict">{{ $pair[1]->verdict->label() }}</b></span>
</li>
