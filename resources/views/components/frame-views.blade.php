@props(['view', 'showsWhy' => false])
@if ($drawings = $view->drawings())
    <div class="frame-views">
        @if ($showsWhy && $drawings->ladder)
            <div class="sheet">
                <table class="ledger-table ladder">
                    <caption>How the first suggestion was come to</caption>
                    <tbody>
                        @foreach ($drawings->ladder as $step)
                            <tr>
                                <th scope="row">{{ $step->step }}</th>
                                <td>{{ $step->leaves }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
        @if ($drawings->ruler || $drawings->comb)
            <div class="sheet">
                @if ($drawings->ruler)
                    <x-depth-ruler :ruler="$drawings->ruler" />
                @endif
                @if ($drawings->comb)
                    <x-movement-comb :comb="$drawings->comb" />
                @endif
                @if ($view->planLedger())
                    <x-ledger-compare :before="$view->planLedger()" :after="$view->ledger"
                        beforeName="The plan" afterName="This frame" caption="the plan against what was shot" />
                @endif
            </div>
        @endif
        @if ($drawings->map)
            <div class="sheet"><x-exposure-map :map="$drawings->map" id="map-{{ $view->frame->id }}" /></div>
        @endif
    </div>
@endif
