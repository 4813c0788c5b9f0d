@props(['view'])
@php([$map, $ruler, $comb] = [$view->map(), $view->ruler(), $view->comb()])
@if ($map || $ruler || $comb)
    <div class="frame-views">
        @if ($ruler || $comb)
            <div class="sheet">
                @if ($ruler)
                    <x-depth-ruler :ruler="$ruler" />
                @endif
                @if ($comb)
                    <x-movement-comb :comb="$comb" />
                @endif
                @if ($view->planLedger())
                    <x-ledger-compare :before="$view->planLedger()" :after="$view->ledger" beforeName="The plan" afterName="This frame"
                        caption="the plan against what was shot" />
                @endif
            </div>
        @endif
        @if ($map)
            <div class="sheet"><x-exposure-map :map="$map" id="map-{{ $view->frame->id }}" /></div>
        @endif
    </div>
@endif
