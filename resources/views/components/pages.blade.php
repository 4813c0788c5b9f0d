@props(['page', 'pages', 'route'])
@if ($pages > 1)
    @php($join = str_contains($route, '?') ? '&' : '?')
    <nav class="pages" aria-label="Pages">
        @if ($page > 1)
            <a class="button" href="{{ $route . $join }}page={{ $page - 1 }}">Earlier</a>
        @endif
        <span>page {{ $page }} of {{ $pages }}</span>
        @if ($page < $pages)
            <a class="button" href="{{ $route . $join }}page={{ $page + 1 }}">Further</a>
        @endif
    </nav>
@endif
