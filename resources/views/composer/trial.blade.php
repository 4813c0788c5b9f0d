@use(App\Briefs\CheckScale)
@use(TruePupil\Core\Brief\PlainSentence)
@use(TruePupil\Core\Checks\Verdict)
<div id="trial" class="trial" aria-live="polite">
    @if ($wrong)
        <p class="word">{{ $wrong }}</p>
    @endif
    @if ($brief && $brief->checks)
        <h3>As the student reads it</h3>
        <ol>
            @foreach ($brief->checks as $number => $check)
                <li data-places="{{ json_encode(CheckScale::places($check)) }}"
                    data-number="{{ $number }}">{{ PlainSentence::of($check) }}.
                    @if ($check->sentence !== PlainSentence::of($check))
                        <span class="fine">In your words: {{ $check->sentence }}</span>
                    @endif
                </li>
            @endforeach
        </ol>
        <h3>What frames of the course would get</h3>
        @if ($tried === [])
            <p class="fine">Nobody has handed in a frame yet; the checks show here what they say as soon as somebody
                has.</p>
        @else
            <div class="trial-scroll" tabindex="0" role="region" aria-label="Checks on frames">
                <table class="ledger-table trial-table">
                    <thead>
                        <tr>
                            <td></td>
                            @foreach ($tried as ['frame' => $frame])
                                <th scope="col"><img src="{{ route('frames.picture', $frame) }}" alt=""
                                        loading="lazy" width="84" height="56"><br><span class="fine">{{
                                            $frame->attempt->user->name }}</span></th>
                            @endforeach
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($brief->checks as $number => $check)
                            <tr>
                                <th scope="row">{{ ucfirst($check->measure->label) }}</th>
                                @foreach ($tried as ['frame' => $frame, 'results' => $results])
                                    <td class="trial-{{ $results[$check->id]->verdict->value }}"
                                        @if (is_float($results[$check->id]->value)) data-hangs-on="{{ $number }}"
                                        data-place="{{ CheckScale::place($check->measure,
                                        $results[$check->id]->value) }}" data-name="{{ $frame->attempt->user->name }}"
                                        @endif>
                                        <b>{{ $results[$check->id]->verdict === Verdict::Unknown ? 'not known'
                                            : $results[$check->id]->verdict->label() }}</b><br><span
                                            class="fine">{{ is_string($results[$check->id]->value)
                                            ? $check->measure->word($results[$check->id]->value)
                                            : ($results[$check->id]->value === null ? ''
                                            : $check->measure->told($results[$check->id]->value)) }}</span>
                                    </td>
                                @endforeach
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
        <h3>Who could not meet it with their kit</h3>
        <p>{{ implode(' ', $reach->sentences()) }}</p>
    @endif
</div>
