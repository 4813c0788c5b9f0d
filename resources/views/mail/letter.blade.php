{!! $name === null ? 'Hello,' : 'Hello ' . $name . ',' !!}

@foreach ($lines as $line)
{!! $line !!}

@endforeach
{!! $label !!}:
{!! $url !!}

{!! config('app.name') !!}, {!! config('app.url') !!}
