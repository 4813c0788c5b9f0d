@use(App\View\Assets)
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
            "refreshOnHistoryMiss": true,
            "defaultSettleDelay": 0
        }'>
    <title>{{ $title }} · True Pupil</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    <link rel="manifest" href="/manifest.json">
    <link rel="apple-touch-icon" href="/icons/mark-192.png">
    <meta name="theme-color" content="#f5f1e8">
    <link rel="stylesheet" href="{{ Assets::url('vendor/bootstrap/bootstrap.min.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/true-pupil.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/frames.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/views.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/practice.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/plan.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/course.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/field.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/sheet.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/touch.css') }}">
    <script src="{{ Assets::url('vendor/htmx/htmx.min.js') }}" defer></script>
    <script src="{{ Assets::url('js/app.js') }}" type="module"></script>
</head>

<body @auth data-account="{{ auth()->id() }}" @endauth @if ($isOwnDevice) data-own-device @endif
    hx-headers='{"X-CSRF-TOKEN": "{{ csrf_token() }}"}'>
    <a class="visually-hidden-focusable skip" href="#main">Skip to the content</a>
    <header class="masthead">
        <a class="brand" href="{{ route('home') }}"><x-mark /> <span
                @class(['visually-hidden' => $masthead?->course])>True Pupil</span></a>
        @if ($masthead)
            <nav aria-label="Course" class="course-parts">
                @if ($masthead->course)
                    <a class="course-name" href="{{ route('courses.show', $masthead->course) }}"
                        @if ($masthead->isCoursePage) aria-current="page" @endif>{{ $masthead->course->name }}</a>
                    @foreach ($masthead->parts as $part)
                        <a href="{{ $part['url'] }}"
                            @if ($part['isHere']) aria-current="page" @endif>{{ $part['label'] }}</a>
                    @endforeach
                @else
                    <a class="course-name" href="{{ route('home') }}">Courses</a>
                @endif
            </nav>
            <nav aria-label="Tools" class="tool-parts">
                <a href="{{ route('practice') }}" @if (request()->is('practice*', 'drills*', 'roll*'))
                    aria-current="page" @endif>Practice</a>
                <a href="{{ route('lessons') }}" @if (request()->is('lessons*')) aria-current="page" @endif>Lessons</a>
                <a href="{{ route('bench') }}" @if (request()->is('bench*')) aria-current="page" @endif>Bench</a>
            </nav>
            <details class="own-menu" data-menu>
                <summary aria-label="{{ auth()->user()->name }}: what is yours{{ $masthead->unread
                    ? ', ' . trans_choice('{1} :count notice not read|[2,*] :count notices not read', $masthead->unread)
                    : '' }}"><span
                        aria-hidden="true">{{ $masthead->initials }}</span>
                    @if ($masthead->unread)
                        <b class="unread" aria-hidden="true">{{ $masthead->unread }}</b>
                    @endif
                </summary>
                <div class="own-menu-list">
                    <p class="own-name">{{ auth()->user()->name }}</p>
                    <a href="{{ route('notices') }}">Notices @if ($masthead->unread)
                            <b class="unread">{{ $masthead->unread }}</b>
                        @endif
                    </a>
                    <a href="{{ route('kit.edit') }}">Kit</a>
                    <a href="{{ route('banks') }}">Settings banks</a>
                    <a href="{{ route('first-settings') }}">First settings</a>
                    @if ($masthead->hasFilm)
                        <a href="{{ route('film') }}">Rolls of film</a>
                    @endif
                    <a href="{{ route('roll') }}">Roll</a>
                    @if ($masthead->role && $masthead->role !== App\Models\Role::Student)
                        <a href="{{ route('phrases') }}">Sentences you keep</a>
                    @endif
                    <a href="{{ route('words') }}">Words of the trade</a>
                    <a href="{{ route('account') }}">Account</a>
                    @can('operate')
                        <a href="{{ route('operator') }}">The service</a>
                    @endcan
                    <a href="{{ route('home', ['all' => 1]) }}">Courses</a>
                    <form method="post" action="{{ route('sign-out') }}">@csrf<button>Sign out</button></form>
                </div>
            </details>
        @elseif (request()->routeIs('home'))
            <a class="first-sign-in" href="{{ route('sign-in') }}">Sign in</a>
        @endif
    </header>
    <main id="main" @class(['page', 'page-wide' => $wide]) @if ($keeps) data-keep @endif>
        <div id="message" role="status" aria-live="polite" @if (session('done')) data-saved @endif
            @if (session('signed-out')) data-signed-out @endif>
            @if (session('done'))
                <div class="word word-done">{{ session('done') }}
                    @if (session('recall'))
                        <form method="post" action="{{ route('desk.recall', session('recall')) }}" data-once>@csrf
                            <button class="plain">Take it back</button> <span class="fine">within a minute</span></form>
                    @endif
                    @if (session('said') && request()->route('setBrief'))
                        <form method="post" data-once action="{{ route('desk.unsay', [request()->route('setBrief'),
                            session('said')]) }}">@csrf @method('delete') <button class="plain">Undo</button></form>
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
