@include('lessons.look')
<div id="lesson-shows" class="lesson-shows" hx-swap-oob="true">@include('lessons.shows')</div>
<div id="lesson-answer" class="lesson-answer" hx-swap-oob="true" role="status">@include('lessons.answer')</div>
