<b>{{ $term->term }}</b>
@include('words.drawing')
<p>{{ $term->says }}</p>
<a href="{{ route('words') }}#{{ $term->id }}">All words</a>
