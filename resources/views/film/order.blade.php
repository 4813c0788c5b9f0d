@use(TruePupil\Core\Roll\LabOrder)
<x-layout :title="$view->roll->name . ': order'">
    <article class="sheet pocket">
        <p class="eyebrow">Order for the laboratory</p>
        <h1>{{ $view->roll->name }}: {{ $view->roll->development() }}</h1>
        <dl class="bank-lines">
            @foreach ([
                'From' => auth()->user()->name,
                'Film' => $view->roll->film->name . ', ' . $view->roll->film->kind->label() . ', box speed '
                    . $view->roll->film->boxSpeed,
                'Exposed at' => (string) $view->roll->index(),
                'Develop' => $view->roll->development(),
                'Scans' => $view->roll->lab->longSide === null ? 'none' : $view->roll->lab->longSide
                    . ' pixels on the long side, ' . LabOrder::FILES[$view->roll->lab->files],
                'Look' => $view->roll->lab->longSide === null ? '' : LabOrder::LOOKS[$view->roll->lab->look ?? '']
                    ?? '',
                'Name the files' => $view->roll->lab->longSide === null ? '' : 'by the numbers at the edge of the film',
                'Please' => $view->roll->lab->word,
            ] as $name => $value)
                @if ($value !== '')
                    <div>
                        <dt>{{ $name }}</dt>
                        <dd>{{ $value }}</dd>
                    </div>
                @endif
            @endforeach
        </dl>
    </article>
    <p class="no-print"><button type="button" data-print>Print</button> <a class="button"
            href="{{ route('film.edit', $view->stored) }}#laboratory">Change it</a></p>
</x-layout>
