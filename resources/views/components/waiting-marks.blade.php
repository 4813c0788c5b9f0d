{{-- What has to be known of an attempt before it is opened, beside the student's name. --}}
@props(['one'])
@if ($one->number > 1)
    <span class="fine">attempt {{ $one->number }}</span>
@endif
@if ($one->isLate)
    <b class="tag">late</b>
@endif
@if ($one->hasAnswer)
    <b class="tag">answered</b>
@endif
@if ($one->state === App\Models\AttemptState::AtDesk)
    <span class="fine">opened</span>
@endif
@if ($one->facts->hasLeft)
    <span class="overdue">has left the course</span>
@endif
@if ($one->facts->isShared)
    <span class="overdue">same file as somebody else's</span>
@endif
