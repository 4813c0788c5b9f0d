<div class="surround"><img src="{{ $view->picture->dataUri() }}" width="960" height="640"
        alt="{{ $view->summary() }}" class="lesson-picture"></div>
<p class="lesson-values">
    @foreach ($view->values() as $value)
        <span title="{{ $value['label'] }}, {{ $value['by'] }}">@if ($value['isYours'])<b>{{ $value['text']
                }}</b>@else<i>{{ $value['text'] }}</i>@endif</span>
    @endforeach
    <span class="fine">focus {{ $view->focusText() }} · {{ $view->whiteBalanceText() }}</span>
</p>
