@use(TruePupil\Core\Bank\BankFormat)
@use(TruePupil\Core\Bank\BankKind)
@use(TruePupil\Core\Bank\FocusArea)
@use(TruePupil\Core\Kit\ExposureMode)
@use(TruePupil\Core\Kit\FocusMode)
@use(TruePupil\Core\Metering\MeteringPattern)
<x-layout title="Settings bank">
    <p class="eyebrow"><a href="{{ route('banks') }}">Settings banks</a></p>
    <h1>{{ $stored ? 'Change the bank' : ucfirst($bank->kind->label()) }}</h1>
    <p class="fine">{{ $bank->kind->reason() }}</p>
    <form method="post" action="{{ $stored ? route('banks.update', $stored) : route('banks.store') }}" class="sheet"
        data-once>
        @csrf @if ($stored)
            @method('put')
        @endif
        <input type="hidden" name="kind" value="{{ $bank->kind->value }}">
        <div class="intent-grid">
            @foreach (['name' => ['Name', '', ''], 'season' => ['When', 'a season, a place; empty: always', 'winter'],
                'slot' => ['Slot', 'as your body calls it', 'slot 1'],
                'dial' => ['On the mode dial', 'the letters of your body', ''],
                'fNumber' => ['Aperture', 'the widest; empty: camera', '2'],
                'fNumberTo' => ['As far as', 'aperture', '5.6'],
                'exposureTime' => ['Time', 's; empty: camera', '1/500'],
                'exposureTimeTo' => ['As far as', 'time, s', '1/125'],
                'iso' => ['ISO', 'empty: automatic', '400'], 'isoTo' => ['As far as', 'ISO', '3200'],
                'slowest' => ['Slowest time for automatic ISO', 's', '1/125'],
                'compensation' => ['Compensation', 'stops', '0'],
                'whiteBalance' => ['White balance', '', 'automatic, or 5500 K'],
                'profile' => ['Picture profile', '', ''],
                'buttons' => ['What buttons do', '', 'front: compensation']] as $key => [$label, $unit, $example])
                <label>{{ $label }} @if ($unit)
                        <span class="fine">{{ $unit }}</span>
                    @endif <input name="{{ $key }}" value="{{ old($key, $form->value($key)) }}"
                        placeholder="{{ $example }}" maxlength="80" autocomplete="off"></label>
            @endforeach
            <label>Mode <select name="mode">
                    @foreach (ExposureMode::cases() as $mode)
                        @if ($mode !== ExposureMode::Unknown)
                            <option value="{{ $mode->value }}"
                                @selected(old('mode', $bank->exposure->mode->value) === $mode->value)>{{ $mode->label()
                                    }}
                            </option>
                        @endif
                    @endforeach
                </select>
            </label>
            <label>Metering <select name="metering">
                    @foreach ([MeteringPattern::Scene, MeteringPattern::Centre, MeteringPattern::Spot,
                        MeteringPattern::Highlight] as $pattern)
                        <option value="{{ $pattern->value }}"
                            @selected(old('metering', $bank->exposure->metering->value) === $pattern->value)>{{
                                $pattern->label()
                            }}
                        </option>
                    @endforeach
                </select>
            </label>
            <label>Focus <select name="focus">
                    @foreach (['single' => 'single', 'continuous' => 'continuous', 'manual' => 'by hand']
                        as $value => $label)
                        <option value="{{ $value }}"
                            @selected(old('focus', $bank->handling->focus->value) === $value)>{{ $label }}</option>
                    @endforeach
                </select>
            </label>
            <label>Focus looks for <select name="detection">
                    @foreach (BankFormat::DETECTION as $value => $label)
                        <option value="{{ $value }}"
                            @selected(old('detection', $bank->handling->detection ?? '') === $value)>{{ $label
                                }}</option>
                    @endforeach
                </select>
            </label>
            <label>Focus area <select name="area">
                    <option value="">as it is</option>
                    @foreach (FocusArea::cases() as $area)
                        <option value="{{ $area->value }}"
                            @selected(old('area', $bank->handling->area?->value) === $area->value)>{{ $area->label()
                                }}</option>
                    @endforeach
                </select>
            </label>
            <label>Drive <select name="drive">
                    @foreach (BankFormat::DRIVES as $value => $label)
                        <option value="{{ $value }}"
                            @selected(old('drive', $bank->handling->drive) === $value)>{{ $label }}</option>
                    @endforeach
                </select>
            </label>
            <label>Stabiliser <select name="stabiliser">
                    @foreach (['' => 'as it is', 'on' => 'on', 'off' => 'off'] as $value => $label)
                        <option value="{{ $value }}"
                            @selected(old('stabiliser', $form->stabiliser()) === $value)>{{ $label }}</option>
                    @endforeach
                </select>
            </label>
        </div>
        <div class="intent-flags">
            @foreach (['silent' => ['silent shutter', $bank->handling->silent],
                'flash' => ['flash', $bank->exposure->flash], 'isNight' => ['used in the dark', $bank->isNight]]
                as $key => [$label, $isOn])
                <label><input type="checkbox" name="{{ $key }}" value="1" @checked(old('name') === null ? $isOn
                    : old($key))>
                    {{ $label }}</label>
            @endforeach
        </div>
        <button class="primary">Save the bank</button>
    </form>
    @if ($stored)
        <p><a class="button" href="{{ route('banks.create', ['from' => $stored->id]) }}">Another version of it, for
                another season</a></p>
        <form method="post" action="{{ route('banks.destroy', $stored) }}" data-once>@csrf @method('delete')<button
                class="plain">Remove this bank</button></form>
    @endif
</x-layout>
