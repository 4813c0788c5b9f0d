<x-layout :title="'Return: '.$brief->title" :course="$attempt->setBrief->course" wide>
    <p class="eyebrow"><a href="{{ route('set-briefs.show', $attempt->setBrief) }}">{{ $brief->title }}</a> · returned {{ $attempt->returned_at->format('j M Y, H:i') }} UTC</p>
    <h1>{{ $owner ? 'Your return' : 'Return to '.$attempt->user->name }} <span class="fine">attempt {{ $attempt->number }}</span></h1>
    @foreach ($frames as $index => $view)
        @php($before = $previous->get($index))
        <div class="return">
            <div class="return-picture"><x-picture :view="$view"/></div>
            <div class="return-words">
                @if ($attempt->summary)<blockquote class="sheet message">{!! nl2br(e($attempt->summary)) !!}</blockquote>@endif
                <section class="sheet">
                    @if ($view->suggestion())<h2>The setting to change first</h2><x-suggestion :suggestion="$view->suggestion()"/>@endif
                    @foreach ($view->frame->notes as $note)
                        <article class="note note-{{ $note->kind->value }}"><p><b>{{ $note->kind->label() }}</b> @if ($note->fixed)<span class="fine">{{ $note->fixed === 'field' ? 'in the field' : 'afterwards' }}</span>@endif <span class="fine">{{ $note->author->name }}</span></p><p>{{ $note->body }}</p></article>
                    @endforeach
                    @foreach ($view->published() as $finding)
                        <article class="finding finding-{{ $finding->severity()->value }}">
                            <p class="finding-head"><span class="severity">{{ $finding->severity()->label() }}</span> <span class="fine">{{ $finding->topic()->label() }}</span></p>
                            <p>{{ $finding->sentence() }}</p>
                            <details><summary>Evidence</summary><x-evidence :body="$finding->body"/></details>
                        </article>
                    @endforeach
                </section>
            </div>
        </div>
        @if ($before)
            @php($gone = $before->published()->filter(fn ($finding) => $finding->severity()->rank() < 3)->pluck('rule_id'))
            @php($now = $view->published()->filter(fn ($finding) => $finding->severity()->rank() < 3)->pluck('rule_id'))
            <section class="sheet compare">
                <h2>Against attempt {{ $before->frame->attempt->number }}</h2>
                <div class="compare-pictures"><figure><x-picture :view="$before" :marked="false"/><figcaption>attempt {{ $before->frame->attempt->number }}</figcaption></figure><figure><x-picture :view="$view" :marked="false"/><figcaption>attempt {{ $attempt->number }}</figcaption></figure></div>
                @if ($before->ledger && $view->ledger)<x-ledger-compare :before="$before->ledger" :after="$view->ledger" :beforeName="'Attempt '.$before->frame->attempt->number" :afterName="'Attempt '.$attempt->number" :caption="'attempt '.$before->frame->attempt->number.' against attempt '.$attempt->number"/>@endif
                <ul class="gone">
                    @foreach ($before->published() as $finding)@if ($finding->severity()->rank() < 3)<li>{{ $now->contains($finding->rule_id) ? 'Still there' : 'Gone' }}: {{ $finding->sentence() }}</li>@endif @endforeach
                    @foreach ($view->published() as $finding)@if ($finding->severity()->rank() < 3 && ! $gone->contains($finding->rule_id))<li>New: {{ $finding->sentence() }}</li>@endif @endforeach
                </ul>
            </section>
        @endif
        <section class="return-evidence">
            <div class="sheet"><h2>Checks of the brief</h2><x-checks :checks="$view->checks()"/></div>
            <div class="sheet">@if ($view->tones)<x-tone-strip :tones="$view->tones" id="tones-{{ $view->frame->id }}"/>@endif @if ($view->ledger)<x-ledger :ledger="$view->ledger"/>@endif</div>
            <div class="sheet">@if ($view->pupil)<x-pupil :pupil="$view->pupil"/>@endif<x-record :rows="$view->record"/></div>
        </section>
    @endforeach
    @if ($owner)<p><a class="button primary" href="{{ route('set-briefs.show', $attempt->setBrief) }}#own">Hand in attempt {{ $attempt->number + 1 }}</a></p>@endif
</x-layout>
