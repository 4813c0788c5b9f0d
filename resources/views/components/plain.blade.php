{{-- For what is shown when something is missing: asks nothing of the database, the session or anybody's account. --}}
@use(App\View\Assets)
@props(['title'])
<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · True Pupil</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    <link rel="stylesheet" href="{{ Assets::url('vendor/bootstrap/bootstrap.min.css') }}">
    <link rel="stylesheet" href="{{ Assets::url('css/true-pupil.css') }}">
</head>

<body>
    <header class="masthead"><a class="brand" href="/"><x-mark /> <span>True Pupil</span></a></header>
    <main id="main" class="page">
        <div class="sheet narrow">
            <h1>{{ $title }}</h1>
            <p>{{ $slot }}</p>
            <p><a class="button" href="/">To the courses</a></p>
        </div>
    </main>
</body>

</html>
