<x-layout title="Rolls of film" keeps>
    <p class="eyebrow"><a href="{{ route('kit.edit') }}">Your kit</a></p>
    <div class="title-row">
        <h1>Rolls of film</h1>
        <a class="button primary" href="{{ route('film.create') }}">Load a roll</a>
    </div>
    @forelse ($rolls as $roll)
        <article class="sheet">
            <h2><a href="{{ route('film.show', $roll) }}">{{ $roll->roll()->name }}</a> <span
                    class="state">{{ $roll->roll()->stage->label() }}</span></h2>
            <p class="fine">{{ $roll->roll()->film->name }} · {{ $roll->roll()->index() }} ·
                {{ trans_choice('{0} no frame written down|{1} :count frame written down|[2,*] :count frames written
                down', count($roll->log()->lines)) }}</p>
        </article>
    @empty
        <p class="sheet">No roll yet. Load one here when you load the camera: its log is then in your pocket, and what
            you scan later finds its settings in it.</p>
    @endforelse
    <details class="sheet" @if ($errors->has('file')) open @endif>
        <summary>From a file</summary>
        <form method="post" action="{{ route('film.take') }}" enctype="multipart/form-data" data-once>@csrf
            <label for="file">A roll that was kept as a file <input id="file" type="file" name="file"
                    accept="application/json,.json"></label>
            <button>Take it over</button>
        </form>
    </details>
</x-layout>
