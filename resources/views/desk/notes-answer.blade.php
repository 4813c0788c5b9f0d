{{-- The notes of a frame anew, and on its picture what they point at. --}}
@include('desk.notes')
<div hx-swap-oob="innerHTML:#pointings-{{ $frame->id }}"><x-pointings :notes="$readable" :frame="$frame" /></div>
