@props(['page', 'pages', 'route'])
@if ($pages > 1)
    <nav class="pages" aria-label="Pages">
        @if ($page > 1)
            <a class="button" href="{{ $route
                . (str_contains($route, '?') ? '&' : '?') }}page={{ $page - 1 }}">Earlier</a>
        @endif
        <span>page {{ $page }} of {{ $pages }}</span>
        @if ($page < $pages)
            <a class="button" href="{{ $route
                . (str_contains($route, '?') ? '&' : '?') }}page={{ $page + 1 }}">Further</a>
        @endif
    </nav>
@endif
