@use(App\View\Assets)
<x-layout :title="'Join ' . $course->name" :course="$course" wide>
    <div class="invitation" data-invitation>
        <div>
            <p class="eyebrow">{{ $course->place }}</p>
            <h1>{{ $course->name }}</h1>
            <p class="lead-text">with {{ collect($teachers)->join(', ', ' and ') }}</p>
            <p>On your phone, open the square; or go to</p>
            <p class="invitation-link">{{ preg_replace('~^https?://~', '', route('join')) }}</p>
            <p>and type</p>
            <p class="invitation-code" aria-label="{{ implode(' ', str_split($course->join_code)) }}">{{
                $course::readableCode($course->join_code) }}</p>
            <p class="no-print"><a href="{{ $link }}">The link to send</a>
                <input readonly value="{{ $link }}" class="link-field" aria-label="Link that joins the course">
                <button type="button" data-print>Print it</button>
            </p>
        </div>
        <div class="invitation-square" data-qr="{{ $link }}" role="img"
            aria-label="The link to join as a square for a phone's camera"></div>
    </div>
    <noscript>
        <p class="fine">The square is drawn by a script; the link and the code do the same.</p>
    </noscript>
    <script type="module" src="{{ Assets::url('js/invitation.js') }}"></script>
</x-layout>
