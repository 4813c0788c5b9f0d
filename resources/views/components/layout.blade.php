@use(App\View\Assets)
@props(['title', 'course' => null, 'wide' => false, 'surround' => false])
<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <meta name="htmx-config"
        content='{
            "allowEval": false,
            "includeIndicatorStyles": false,
            "selfRequestsOnly": true,
            "historyCacheSize": 0,
            "refreshOnHistoryMiss": true
        }'>
    <title>{{ $title }} · True Pupil</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    <link rel="stylesheet" href="{{ Assets::url('vendor/bootstrap/bootstrap.min.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/true-pupil.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/frames.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/views.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/practice.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/plan.css') }}">
    <script src="{{ Assets::url('vendor/htmx/htmx.min.js') }}" defer></script>
    <script src="{{ Assets::url('js/app.js') }}" type="module"></script>
</head>

<body @auth data-account="{{ auth()->id() }}" @endauth hx-headers='{"X-CSRF-TOKEN": "{{ csrf_token() }}"}'>
    <a class="visually-hidden-focusable skip" href="#main">Skip to the content</a>
    <header class="masthead">
        <a class="brand" href="{{ auth()->check() ? route('home') : route('sign-in') }}"><x-mark /> <span>True
                Pupil</span></a>
        @auth
            <nav aria-label="Main">
                @if ($course)
                <a href="{{ route('courses.show', $course) }}">{{ $course->name }}</a>@else<a
                        href="{{ route('home') }}">Course</a>
                @endif
                <a href="{{ route('practice') }}">Practice</a>
                <a href="{{ route('bench') }}">Bench</a>
                <a href="{{ route('kit.edit') }}">Kit</a>
                <a href="{{ route('notices') }}">Notices
                    @if ($unread = auth()->user()->unreadNotifications()->count())
                        <b class="unread" aria-label="{{ $unread }} not read">{{ $unread }}</b>
                    @endif
                </a>
            </nav>
            <form method="post" action="{{ route('sign-out') }}" class="who">
                @csrf
                <a href="{{ route('account') }}" class="own-name">{{ auth()->user()->name }}</a>
                <button class="plain">Sign out</button>
            </form>
        @endauth
    </header>
    <main id="main" @class(['page', 'page-wide' => $wide])>
        <div id="message" role="status" aria-live="polite" @if (session('done')) data-saved @endif
            @if (session('signed-out')) data-signed-out @endif>
            @if (session('done'))
                <div class="word word-done">{{ session('done') }}
                    @if (session('recall'))
                        <form method="post" action="{{ route('desk.recall', session('recall')) }}" data-once>@csrf
                            <button class="plain">Take it back</button> <span class="fine">within a minute</span></form>
                    @endif
                </div>
            @endif
            @if (session('problem'))
                <p class="word word-problem">{{ session('problem') }}</p>
            @endif
            @if (isset($errors) && $errors->any() && !$attributes->has('own-errors'))
                <div class="word word-problem">
                    <p>Something needs another look; what you typed is still here.</p>
                    <ul data-problems>
                        @foreach ($errors->keys() as $field)
                            <li data-field="{{ $field }}">{{ $errors->first($field) }}</li>
                        @endforeach
                    </ul>
                </div>
            @endif
        </div>
        {{ $slot }}
    </main>
<footer class="page-foot">True Pupil {{ config('app.version') }} · <a href="{{ route('kept') }}">What is kept</a>
    @if (App\Letterbox\Letterbox::isOpenToAll() || (auth()->check() && App\Letterbox\Letterbox::isInUse()))
        · <a href="{{ route('letterbox') }}">Letterbox</a>
    @endif
</footer>
</body>

</html>
