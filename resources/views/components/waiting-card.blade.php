@props(['one', 'course', 'withBrief' => true, 'link' => null])
<li class="contact waiting-card">
    <a class="contact-picture" href="{{ $link ?? route('desk.show', $one->attempt) }}" tabindex="-1"
        aria-hidden="true">
        @if ($one->facts->frame)
            <img src="{{ route('frames.small', $one->facts->frame) }}" alt="" loading="lazy">
        @endif
        @if ($one->facts->frames > 1)
            <span class="contact-count">{{ $one->facts->frames }} frames</span>
        @endif
    </a>
    <p class="contact-name"><a
            href="{{ $link ?? route('desk.show', $one->attempt) }}">{{ $one->student }}</a>
        <x-waiting-marks :one="$one" />
    </p>
    @if ($withBrief)
        <p class="fine">{{ $one->brief->title }}</p>
    @endif
    <p class="fine">{{ $one->facts->settings ?: 'no settings recorded' }}</p>
    <x-verdict-cells :checks="$one->facts->checks" />
</li>
