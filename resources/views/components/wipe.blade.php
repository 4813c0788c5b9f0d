{{-- Two pictures of one shape over each other; the slider says how much of each is seen. --}}
@props(['before', 'after', 'beforeAlt', 'afterAlt', 'beforeName' => 'as taken', 'afterName' => 'otherwise'])
<div class="wipe" data-wipe>
    <div class="wipe-pair"><img src="{{ $before }}" alt="{{ $beforeAlt }}" loading="lazy"><img
            src="{{ $after }}" alt="{{ $afterAlt }}" loading="lazy" data-after></div>
    <label class="wipe-by"><span class="fine">{{ $beforeName }}</span> <input type="range" min="0" max="100"
            value="50" aria-label="How far the first picture is seen, in percent from the left"> <span
            class="fine">{{ $afterName }}</span></label>
</div>
