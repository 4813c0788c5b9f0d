<div class="word word-problem both-texts" role="alert" data-both>
    <p>{{ $problem->getMessage() }}</p>
    <div class="both-columns">
        <figure>
            <figcaption>{{ $problem->isOwn ? 'In the other window' : $problem->theirs->writer() }}</figcaption>
            <blockquote data-theirs>{{ $problem->attempt->summary }}</blockquote>
        </figure>
        <figure>
            <figcaption>{{ $problem->isOwn ? 'Here' : 'You' }}</figcaption>
            <blockquote data-yours>{{ $problem->yours }}</blockquote>
        </figure>
    </div>
    <p class="publish-row" data-revision="{{ $problem->attempt->summary_revision }}">
        <button type="button" data-take="theirs">{{ $problem->isOwn ? 'Take the other' : 'Take theirs' }}</button>
        <button type="button" data-take="yours">{{ $problem->isOwn ? 'Keep this one' : 'Keep mine' }}</button>
        <button type="button" data-take="joined">Join both</button>
    </p>
</div>
