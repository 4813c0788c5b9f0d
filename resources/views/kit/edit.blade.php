@use(TruePupil\Core\Kit\BodyKind)
@use(TruePupil\Core\Kit\Support)
<x-layout title="Kit">
    <div class="title-row">
        <h1>Your kit</h1><span class="brief-tools"><a href="{{ route('banks') }}">Settings banks</a><a
                href="{{ route('first-settings') }}">First settings</a></span>
    </div>
    <p class="lead-text">Nothing is suggested that your body, lenses or support cannot do. Only you and whoever
        critiques your frames see what you own.</p>
    @if ($isNew)
        <section class="sheet" aria-labelledby="kit-start">
            <h2 id="kit-start">What do you photograph with?</h2>
            <form method="post" action="{{ route('kit.start') }}" class="starters" data-once>
                @csrf
                @foreach ($starters as $starter)
                    <button name="with" value="{{ $starter->value }}"><b>{{ $starter->label() }}</b> <span
                            class="fine">{{ $starter->assumes() }}</span></button>
                @endforeach
                <a class="button" href="#kit-form"><b>More than that</b> <span class="fine">say it below</span></a>
            </form>
        </section>
    @endif
    <form method="post" action="{{ route('kit.from-picture') }}" enctype="multipart/form-data" class="sheet inline-form"
        data-once>@csrf
        <label for="kit-picture">Or let a picture say it <span class="fine">as it left the camera; it is read and
                not kept</span></label>
        <input id="kit-picture" type="file" name="picture" required><button>Read it</button>
        @error('picture')
            <p class="field-problem">{{ $message }}</p>
        @enderror
    </form>
    <form method="post" action="{{ route('kit.update') }}" class="kit" id="kit-form" data-once>
        @csrf @method('put')
        <fieldset class="sheet">
            <legend>Body</legend>
            <div class="intent-grid">
                <label>Name <span class="fine">as files record it; another name is another body</span> <input
                        name="name" value="{{ $form->field('name') }}" maxlength="80"
                        placeholder="as the files have it"></label>
                <label>Format <select name="format">@if (!isset($formats[$form->field('format')]))
                            <option value="{{ $form->field('format') }}"
                                selected>{{ str_replace('x', ' × ', $form->field('format')) }} mm</option>
                            @endif @foreach ($formats as $value => $label)
                                <option value="{{ $value }}" @selected($form->field('format') === $value)>{{ $label }}
                                </option>
                            @endforeach
                    </select>
                </label>
                <label>It is <select name="kind">
                        @foreach (BodyKind::cases() as $kind)
                            <option value="{{ $kind->value }}" @selected($form->field('kind') === $kind->value)>
                                {{ $kind->label() }}</option>
                        @endforeach
                    </select></label>
                <label><input type="checkbox" name="setsNothing" value="1" @checked($form->field('setsNothing'))> its
                    app sets time and ISO <span class="fine">a phone</span></label>
            </div>
            <details @if ($errors->hasAny($form::MORE_OF_BODY)) open @endif>
                <summary>More of the body <span class="fine">ends of its dials, ISO, stabiliser</span></summary>
                <div class="intent-grid">
                    @foreach ([
                            'pixels' => ['Pixels across', '', '6000'],
                            'fastest' => ['Fastest time', 's', '1/8000'],
                            'slowest' => ['Slowest time', 's', '30'],
                            'silentFastest' => ['Fastest silent time', 's, if it has one', '1/16000'],
                            'flashSync' => ['Flash sync', 's', '1/200'],
                            'isoMin' => ['Lowest ISO', 'extended too', '50'],
                            'isoBase' => ['Base ISO', '', '100'],
                            'isoNativeMax' => ['Highest native ISO', '', '25600'],
                            'isoMax' => ['Highest ISO', 'extended too', '51200'],
                            'comfortableIso' => ['ISO you can live with', '', '3200'],
                            'stabiliserStops' => ['Stabiliser', 'stops', '3'],
                        ] as $key => [$label, $unit, $example])
                        <label>{{ $label }} @if ($unit)
                                <span class="fine">{{ $unit }}</span>
                            @endif <input name="{{ $key }}" value="{{ $form->field($key) }}"
                                maxlength="20" autocomplete="off" placeholder="{{ $example }}"></label>
                    @endforeach
                    <label>Dials go in <select name="stepsPerStop">
                            <option value="3" @selected($form->field('stepsPerStop') === '3')>thirds of a stop</option>
                            <option value="2" @selected($form->field('stepsPerStop') === '2')>half stops</option>
                        </select></label>
                </div>
            </details>
        </fieldset>
        <fieldset class="sheet">
            <legend>Lenses</legend>
            <label for="lenses">One a line <span class="fine">a name and a colon if you like; focal lengths; widest
                    aperture; “to” the smallest; “from” the closest focus</span></label>
            <textarea id="lenses" name="lenses" rows="5" maxlength="4000" spellcheck="false"
                autocomplete="off" data-draft="kit-lenses"
                placeholder="Old faithful: 50 mm 1.8 to 16 from 0.45 m&#10;24-70 mm 2.8-4 to 22 from 0.38 m">{{
                $form->field('lenses') }}</textarea>
        </fieldset>
        <fieldset class="sheet">
            <legend>What else is at hand</legend>
            <div class="intent-flags">
                @foreach ([Support::Braced, Support::Monopod, Support::Tripod] as $support)
                    <label><input type="checkbox" name="supports[]" value="{{ $support->value }}"
                            @checked(in_array($support->value, old('supports', $form->supports), true))>
                                {{ $support->label() }}</label>
                @endforeach
                <label><input type="checkbox" name="polariser" value="1" @checked($form->field('polariser'))> a
                    polariser, which also takes about 1⅓ stops</label>
            </div>
        </fieldset>
        @include('kit.more')
        <button class="primary">Save the kit</button>
    </form>
    @if (count($bodies) > 1)
        <section class="sheet" aria-labelledby="own-bodies">
            <h2 id="own-bodies">Your bodies</h2>
            <p class="fine">A frame is judged with the body that its record names; suggestions and plans count with
                the one in use.</p>
            <ul class="plain-list">
                @foreach ($bodies as $body)
                    <li>
                        <form method="post" action="{{ route('kit.body') }}" class="member-role" data-once>@csrf<input
                                type="hidden" name="name" value="{{ $body['name'] }}"><span>{{ $body['name'] }}
                                <span class="fine">{{ str_replace('x', ' × ', $body['format'] ?? '36x24') }}
                                    mm</span></span>
                            @if ($body['name'] === $form->value('name'))
                            <span class="state state-returned">in use</span>@else<button name="do"
                                    value="use">Use it</button><button name="do" value="remove"
                                    class="plain">Remove</button>
                            @endif
                        </form>
                    </li>
                @endforeach
            </ul>
        </section>
    @endif
    <section class="sheet" aria-labelledby="kit-table">
        <h2 id="kit-table">The kit as a table</h2>
        <form method="post" action="{{ route('kit.table.import') }}" enctype="multipart/form-data"
            class="inline-form" data-once>@csrf
            <label for="kit-file">A CSV file <span class="fine">one thing a row: body, lens, support, filter,
                    polariser, flash or film under "what"; without that column, lenses</span></label>
            <input id="kit-file" type="file" name="table" accept=".csv,text/csv" required><button>Read it
                in</button>
            <a href="{{ route('kit.table') }}">Write mine out</a>
        </form>
        @if ($frames)
            <form method="post" action="{{ route('kit.from-frame') }}" class="inline-form" data-once>@csrf
                <label for="from-frame">Or take over what a frame of yours records</label>
                <select id="from-frame" name="frame">
                    @foreach ($frames as $frame)
                        <option value="{{ $frame['id'] }}">{{ $frame['words'] }}</option>
                    @endforeach
                </select>
                <button>Take it over</button>
            </form>
        @endif
    </section>
    @if ($numbers && $numbers->lenses())
        <section class="sheet" aria-labelledby="kit-numbers">
            <h2 id="kit-numbers">What it can do, in numbers</h2>
            <p>From {{ round($numbers->reach()[0]) }} to {{ round($numbers->reach()[1]) }} mm as on 36 × 24 mm; the
                widest pupil is
                {{ number_format($numbers->widestPupil(), 1) }} mm across.</p>
            <div class="drills-scroll" tabindex="0" role="region" aria-label="Lenses in numbers">
                <table class="ledger-table">
                    <thead>
                        <tr>
                            <th scope="col">Lens</th>
                            <th scope="col" class="num">At</th>
                            <th scope="col" class="num">Widest</th>
                            <th scope="col" class="num">Pupil</th>
                            <th scope="col" class="num">View across</th>
                            <th scope="col" class="num">Longest by hand</th>
                            <th scope="col" class="num">Closest</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($numbers->lenses() as $row)
                            <tr>
                                <th scope="row">{{ $row['lens'] }}</th>
                                <td class="num">{{ round($row['focalLength'], 1) }} mm</td>
                                <td class="num">{{ $row['widest'] }}</td>
                                <td class="num">{{ number_format($row['pupil'], 1) }} mm</td>
                                <td class="num">{{ round($row['angle']) }}°</td>
                                <td class="num">{{ $row['handHeld'] }}</td>
                                <td class="num">
                                    {{ $row['closest'] ? TruePupil\Core\Optics\Metres::text($row['closest']) : '–' }}
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
            @if ($numbers->stopsBetween() || $numbers->limits())
                <ul>
                    @foreach ($numbers->stopsBetween() as $pair)
                        <li>At {{ round($pair['focalLength'], 1) }} mm {{ $pair['faster'] }} opens
                            {{ TruePupil\Core\Exposure\Stops::of($pair['stops'])->inWords() }} further than
                            {{ $pair['slower'] }}.</li>
                    @endforeach
                    @foreach ($numbers->limits() as $limit)
                        <li>{{ $limit }}</li>
                    @endforeach
                </ul>
            @endif
        </section>
    @endif
</x-layout>
