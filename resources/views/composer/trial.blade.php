@use(TruePupil\Core\Brief\PlainSentence)
<div id="trial" class="trial" aria-live="polite">
    @if ($wrong)
        <p class="word">{{ $wrong }}</p>
    @endif
    @if ($brief && $brief->checks)
        <h3>What the checks ask now</h3>
        <ol>
            @foreach ($brief->checks as $check)
                <li>{{ PlainSentence::of($check) }}.
                    @if ($check->sentence !== PlainSentence::of($check))
                        <span class="fine">In your words: {{ $check->sentence }}</span>
                    @endif
                </li>
            @endforeach
        </ol>
        <h3>With the kits of this course</h3>
        <p>{{ implode(' ', $reach->sentences()) }}</p>
        <h3>On frames of this course</h3>
        @if ($tried === [])
            <p class="fine">Nobody has handed in a frame yet; the checks show here what they say as soon as somebody
                has.</p>
        @else
            <div class="trial-scroll" tabindex="0" role="region" aria-label="Checks on frames">
                <table class="ledger-table trial-table">
                    <thead>
                        <tr>
                            <th scope="col">Frame</th>
                            @foreach ($brief->checks as $index => $check)
                                <th scope="col"><abbr title="{{ $check->sentence }}">check {{ $index + 1 }}</abbr>
                                </th>
                            @endforeach
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($tried as ['frame' => $frame, 'results' => $results])
                            <tr>
                                <th scope="row"><span class="trial-frame"><img
                                            src="{{ route('frames.picture', $frame) }}" alt="" loading="lazy"
                                            width="72" height="48">
                                        <span>{{ $frame->attempt->user->name }}<br><span
                                                class="fine">{{ $frame->attempt->setBrief->content()->words->title
                                                }}</span></span></span>
                                </th>
                                @foreach ($brief->checks as $check)
                                    <td class="trial-{{ $results[$check->id]->verdict->value }}">
                                        <b>{{ $results[$check->id]->verdict->label() }}</b><br><span
                                            class="fine">{{ is_string($results[$check->id]->value)
                                            ? $check->measure->word($results[$check->id]->value)
                                            : \App\Wording\Quantity::quantity($results[$check->id]->value,
                                            $check->measure->unit) }}</span>
                                    </td>
                                @endforeach
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
    @endif
</div>
