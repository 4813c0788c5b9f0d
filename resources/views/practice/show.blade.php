@use(App\Models\ShotQuality)
@use(App\Practice\ShotInput)
@use(App\View\Presenters\FinderDials)
<x-layout :title="$scene->words->title . ' · Practice camera'" wide>
    @if ($isLent)
        <p class="word word-done">No lens of your kit shows this scene, so the practice camera lends you one.</p>
    @endif
    <form id="finder" class="finder" method="get" action="{{ route('practice.show', $scene->id) }}" data-finder
        hx-get="{{ route('practice.show', $scene->id) }}" hx-trigger="look, submit"
        hx-target="#sight" hx-swap="innerHTML" hx-sync="this:replace" hx-replace-url="false">
        @csrf
        <div class="finder-stage">
            <header class="finder-head">
                <h1><a href="{{ route('practice') }}" aria-label="All scenes">‹</a> {{ $scene->words->title }}</h1>
                <fieldset class="finder-kind">
                    <legend class="visually-hidden">Finder</legend>
                    @foreach (['electronic' => 'electronic', 'optical' => 'optical'] as $kind => $label)
                        <label><input type="radio" name="finder" value="{{ $kind }}"
                                @checked($finderKind === $kind)> <span>{{ $label }}</span></label>
                    @endforeach
                </fieldset>
            </header>
            <div id="finder-problem" role="alert">
                @if ($problem)
                    @include('practice.problem', ['isSeen' => false])
                @endif
            </div>
            <div id="sight" tabindex="0" role="group"
                aria-label="What the camera sees; arrow keys move the focus point">
                @if ($view)
                    @include('practice.sight')
                @endif
            </div>
            <svg class="light-filter" width="0" height="0" aria-hidden="true">
                <filter id="next-light" color-interpolation-filters="linearRGB">
                    <feComponentTransfer>
                        <feFuncR type="linear" slope="1" />
                        <feFuncG type="linear" slope="1" />
                        <feFuncB type="linear" slope="1" />
                    </feComponentTransfer>
                </filter>
            </svg>
            <div class="finder-tools">
                <button type="button" data-magnify aria-pressed="false" title="key m">Magnify</button>
                <button type="button" data-show-edges aria-pressed="false" title="key e">Sharp edges</button>
                <button type="button" data-show-ends aria-pressed="false" title="key x">Lost tones</button>
                @if ($crossing)
                    <button type="button" data-run aria-pressed="false" title="key r">Let it cross</button>
                    <label class="finder-moment"><span class="visually-hidden">When, in seconds</span> <input
                            type="range" name="moment" min="0" max="{{ $crossing->seconds }}" step="0.02"
                            value="{{ $dials->value('moment') === '' ? $crossing->seconds / 2
                            : $dials->value('moment') }}"></label>
                @endif
            </div>
            <div id="playback" class="playback" hidden></div>
        </div>
        <div class="finder-dials">
            <div class="dial-scroll">
            <fieldset class="mode-dial">
                <legend class="visually-hidden">Mode</legend>
                @foreach ($dials->modes() as $mode => $label)
                    <label><input type="radio" name="mode" value="{{ $mode }}"
                            @checked($dials->value('mode') === $mode)> <span>{{ $label }}</span></label>
                @endforeach
            </fieldset>
            @foreach ([
                'n' => ['Aperture', $dials->apertures()],
                't' => ['Time', $dials->times()],
                'iso' => ['ISO', $dials->isos()],
                'compensation' => ['Compensation', $dials->compensations()],
            ] as $field => [$label, $positions])
                <div class="dial" data-dial="{{ $field }}"
                    data-modes="{{ implode(' ', ShotInput::modesOf($field)) }}">
                    <label class="dial-name" for="dial-{{ $field }}">{{ $label }} <span class="fine"
                            data-whose></span></label>
                    <div class="dial-strip" data-strip>
                        <select name="{{ $field }}" id="dial-{{ $field }}"
                            data-less="{{ FinderDials::KEYS[$field][0] ?? '' }}"
                            data-more="{{ FinderDials::KEYS[$field][1] ?? '' }}"
                            @unless ($dials->isLeft($field)) hidden @endunless>
                            @foreach ($positions as $value => $text)
                                <option value="{{ $value }}"
                                    @selected($dials->value($field) === (string) $value)>{{ $text }}
                                </option>
                            @endforeach
                        </select>
                        <output data-camera @if ($dials->isLeft($field)) hidden @endif>{{
                            $view?->shown()[$field] ?? '' }}</output>
                    </div>
                </div>
            @endforeach
            <div class="dial" role="radiogroup" aria-labelledby="focus-name">
                <span class="dial-name" id="focus-name">Focus</span>
                <div class="mode-dial focus-dial">
                    @foreach ($dials->focusings() as $value => $label)
                        <label><input type="radio" name="focusing" value="{{ $value }}"
                                @checked($dials->value('focusing') === $value)> <span>{{ $label }}</span></label>
                    @endforeach
                </div>
            </div>
            <div class="dial" data-dial="focus" data-focusing="manual">
                <label class="dial-name" for="dial-focus">Distance <span class="fine" data-whose></span></label>
                <div class="dial-strip" data-strip>
                    <select name="focus" id="dial-focus" data-less="{{ FinderDials::KEYS['focus'][0] }}"
                        data-more="{{ FinderDials::KEYS['focus'][1] }}"
                        @unless ($dials->value('focusing') === 'manual') hidden @endunless>
                        @foreach ($dials->focuses() as $value => $text)
                            <option value="{{ $value }}"
                                @selected($dials->value('focus') === (string) $value)>{{ $text }}</option>
                        @endforeach
                    </select>
                    <output data-camera @if ($dials->value('focusing') === 'manual') hidden @endif>{{
                        $view?->focusText() ?? '' }}</output>
                </div>
            </div>
            <details class="dial-more" open>
                <summary>Metering, lens, light, drive</summary>
            <div class="dial-grid">
                <label>Metering <select name="metering">
                        @foreach ($dials->patterns() as $value => $text)
                            <option value="{{ $value }}" @selected($dials->value('metering') === $value)>{{ $text }}
                            </option>
                        @endforeach
                    </select>
                </label>
                <label>Lens <select name="lens">
                        @foreach ($dials->lenses() as $lens)
                            <option value="{{ $lens->name }}"
                                @selected($dials->lens()->name === $lens->name)>{{ $lens->name }}
                            </option>
                        @endforeach
                    </select>
                </label>
                <label>Focal length <span class="fine">mm, {{ $dials->focals()[0] }} to {{ $dials->focals()[1] }}</span>
                    <input
                        name="focal" value="{{ $dials->value('focal') }}" inputmode="decimal" size="6"
                        autocomplete="off" placeholder="widest"></label>
            </div>
            <div class="dial-grid">
                @if (count($dials->lights()) > 1)<label>Light <select name="light">
                            @foreach ($dials->lights() as $value => $text)
                                <option value="{{ $value }}" @selected($dials->value('light') === $value)>{{ $text }}
                                </option>
                            @endforeach
                        </select>
                    </label>@endif
                @if ($crossing)
                    <label>The camera <select name="followed">
                            <option value="0">stands still</option>
                            <option value="0.9" @selected($dials->value('followed') === '0.9')>pans, as most people
                                do</option>
                            <option value="1" @selected($dials->value('followed') === '1')>pans exactly</option>
                        </select></label>
                @endif
                @if ($dials->hasFlash())<label>Flash <select name="flash">
                            @foreach ($dials->flashes() as $value => $text)
                                <option value="{{ $value }}"
                                    @selected($dials->value('flash') === (string) $value)>{{ $text }}
                                </option>
                            @endforeach
                        </select>
                    </label>
                    @if (count($dials->flashPlaces()) > 1)<label>It stands <select name="flashFrom">
                                @foreach ($dials->flashPlaces() as $value => $text)
                                    <option value="{{ $value }}"
                                        @selected($dials->value('flashFrom') === $value)>{{ $text }}</option>
                                @endforeach
                            </select>
                        </label>@endif
                @endif
                <label><span>White balance <span class="fine">kelvin</span></span>
                    <input name="kelvin" value="{{ $dials->value('kelvin') }}" inputmode="numeric" size="6"
                        autocomplete="off" placeholder="automatic" list="balances"></label>
                <datalist id="balances">
                    @foreach ($dials->balances() as $kelvin => $text)
                        <option value="{{ $kelvin }}">{{ $text }}</option>
                    @endforeach
                </datalist>
                <label>Held <select name="support">
                        @foreach ($dials->supports() as $value => $text)
                            <option value="{{ $value }}" @selected($dials->value('support') === $value)>{{ $text }}
                            </option>
                        @endforeach
                    </select>
                </label>
                <label>Filter <select name="filter">
                        @foreach ($dials->filters() as $value => $text)
                            <option value="{{ $value }}"
                                @selected($dials->value('filter') === (string) $value)>{{ $text }}
                            </option>
                        @endforeach
                    </select>
                </label>
                <label>Graduated filter <select name="graduated">
                        @foreach (['0' => 'none', '1' => '1 stop', '2' => '2 stops', '3' => '3 stops']
                            as $value => $text)
                            <option value="{{ $value }}"
                                @selected($dials->value('graduated') === (string) $value)>{{ $text }}
                            </option>
                        @endforeach
                    </select>
                </label>
                <label>Stabiliser <select name="stabiliser">
                        <option value="on">on</option>
                        <option value="off" @selected($dials->value('stabiliser') === 'off')>off</option>
                    </select></label>
                <label>Lean <span class="fine">left to right</span> <input type="range" name="lean" min="-6"
                        max="6" step="0.5" value="{{ $dials->value('lean') }}"></label>
                <label>Aim <span class="fine">across</span> <input type="range" name="x" min="0"
                        max="1" step="0.02" value="{{ $dials->value('x') }}"></label>
                <label>Aim <span class="fine">up and down</span> <input type="range" name="y" min="0"
                        max="1" step="0.02" value="{{ $dials->value('y') }}"></label>
            </div>
            @foreach (['px', 'py', 'tracks', 'held', 'seed'] as $field)
                <input type="hidden" name="{{ $field }}" value="{{ $dials->value($field) }}">
            @endforeach
            <input type="hidden" name="kit" value="{{ $kitMark }}">
            <input type="hidden" name="magnified" value="">
            <input type="hidden" name="runs" value="">
            <div class="dial-grid">
                <label>Drive <select name="drive">
                        @foreach ($dials->drives() as $value => $text)
                            <option value="{{ $value }}">{{ $text }}</option>
                        @endforeach
                    </select>
                </label>
                <label>Bracket step <select name="step">
                        @foreach ($dials->steps() as $value => $text)
                            <option value="{{ $value }}" @selected($value === 1 || $value === '1')>{{ $text }}
                            </option>
                        @endforeach
                    </select></label>
                <label>Self-timer <select name="timer">
                        @foreach ($dials->timers() as $value => $text)
                            <option value="{{ $value }}">{{ $text }}</option>
                        @endforeach
                    </select></label>
                <label>Shutter <select name="shutter">
                        <option value="mechanical">mechanical</option>
                        <option value="silent" @selected($dials->value('shutter') === 'silent')>silent</option>
                    </select></label>
                <label>Quality <select name="quality">
                        @foreach (ShotQuality::cases() as $quality)
                            <option value="{{ $quality->value }}"
                                @selected($dials->value('quality') === $quality->value)>{{ $quality->label() }}
                            </option>
                        @endforeach
                    </select></label>
            </div>
            </details>
            </div>
            <div class="press-row">
                <button type="button" data-half title="key h">Hold light and focus</button>
                <button type="button" data-let-go title="key l" hidden>Let go</button>
                <button type="button" class="shutter" data-press
                    hx-post="{{ route('practice.press', $scene->id) }}"
                    hx-include="#finder" hx-target="#roll" hx-swap="innerHTML" hx-sync="this:drop"
                    title="key Space" aria-label="Press the shutter"><svg viewBox="0 0 48 48" aria-hidden="true"
                        data-shutter>
                        <circle class="shutter-widest" cx="24" cy="24" r="22" />
                        <circle class="shutter-open" cx="24" cy="24" r="12" />
                    </svg> <span data-count aria-live="polite">press</span></button>
                <details class="finder-keys">
                    <summary><kbd>?</kbd><span class="visually-hidden">Keys</span></summary>
                    <p class="fine">
                        @foreach (['n' => 'aperture', 't' => 'time', 'iso' => 'ISO', 'compensation' => 'compensation',
                            'focus' => 'focus'] as $field => $word)
                            <kbd>{{ FinderDials::KEYS[$field][0] }}</kbd><kbd>{{ FinderDials::KEYS[$field][1] }}</kbd>
                            {{ $word }};
                        @endforeach <kbd>h</kbd> hold light and focus; <kbd>l</kbd> let go;
                        <kbd>x</kbd> lost and blocked;
                        arrows move the focus point; <kbd>m</kbd> magnify; <kbd>e</kbd> sharp edges; @if ($crossing)
                            <kbd>r</kbd> let it cross;
                        @endif
                        <kbd>Space</kbd> press; <kbd>Esc</kbd> back to the finder
                    </p>
                </details>
                <noscript><button>Look</button></noscript>
            </div>
        </div>
    </form>
    <div class="finder-under">
        <p class="scene-purpose">{{ $scene->words->purpose }} @if ($scene->words->caution)
                <b>Take care:</b> {{ $scene->words->caution }}
            @endif
        </p>
        @if ($view)
            @include('practice.below')
        @endif
    </div>
    <div id="roll">@include('practice.roll', ['message' => null])</div>
</x-layout>
