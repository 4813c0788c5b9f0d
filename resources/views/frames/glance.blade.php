@use(App\View\Presenters\GlanceWords)
<b>{{ GlanceWords::place($glance) }}</b>@if ($glance->wanted), where {{ $glance->wanted->stops->signed() }} is wanted
@endif · {{ GlanceWords::lost($glance) }} · {{ GlanceWords::sharpness($glance->focus) }}
@foreach ($glance->checks as $check)
    <span class="glance-check check-{{ $check->verdict->value }}"><span
        class="verdict">{{ $check->verdict->label() }}</span> {{ $check->check->sentence }}</span>
@endforeach
@if ($glance->subject->shape)
    <span class="outline-tools">The dashed line is what is taken for it.
        <button type="button" data-use-tool="belongs">It misses a part</button>
        <button type="button" data-use-tool="apart">It takes too much</button></span>
    <x-subject-outline :shape="$glance->subject->shape" />
@endif
