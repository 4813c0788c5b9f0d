@props(['frame', 'number'])
@if (App\Practice\Retake::isPossible($frame, $number))
    <figure class="what-if"
        data-retake="{{ \Illuminate\Support\Str::beforeLast(route('frames.retaken', [$frame, 0]), '0') }}">
        <x-wipe :before="route('frames.picture', $frame)" beforeAlt="as it was taken" :after="route('frames.retaken', [
            $frame,
            $number,
            'of' => substr(md5(json_encode($frame->offeredSuggestions()[$number]->toArray())), 0, 8),
        ])"
            afterAlt="the same moment at the suggested settings" />
        <figcaption><b>The same moment at these settings</b> <span class="fine">as the practice camera sees it</span>
        </figcaption>
    </figure>
@endif
