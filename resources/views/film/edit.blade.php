@use(TruePupil\Core\Film\FilmKind)
@use(TruePupil\Core\Roll\LabOrder)
@use(TruePupil\Core\Roll\Mishap)
@use(TruePupil\Core\Roll\RollStage)
<x-layout :title="$stored ? 'Change the roll' : 'Load a roll'">
    <p class="eyebrow"><a href="{{ route('film') }}">Rolls of film</a></p>
    <h1>{{ $stored ? 'Change the roll' : 'Load a roll' }}</h1>
    <form method="post" action="{{ $stored ? route('film.update', $stored) : route('film.store') }}" data-once>
        @csrf @if ($stored)
            @method('put')
        @endif
        <section class="sheet" aria-labelledby="the-film">
            <h2 id="the-film">The film</h2>
            <div class="intent-grid">
                @foreach (['name' => ['Name of the roll', '', 'Roll 7'], 'film' => ['Film', '', ''],
                    'boxSpeed' => ['Box speed', '', '400']] as $field => [$label, $unit, $example])
                    <label>{{ $label }} <input name="{{ $field }}" value="{{ old($field, $content[$field] ?? '') }}"
                            placeholder="{{ $example }}" maxlength="80" autocomplete="off"></label>
                @endforeach
                <label>Kind <select name="kind">
                        @foreach (FilmKind::cases() as $kind)
                            <option value="{{ $kind->value }}"
                                @selected(old('kind', $content['kind'] ?? '') === $kind->value)>{{ $kind->label() }}
                            </option>
                        @endforeach
                    </select></label>
                @foreach (['index' => ['Exposed at', 'if not at what it is developed for', '200'],
                    'frames' => ['Frames', '', '36'], 'camera' => ['Camera', '', ''],
                    'reciprocity' => ['Long exposures', 'exponent; 1.3 is usual', '1.3']]
                    as $field => [$label, $unit, $example])
                    <label>{{ $label }} @if ($unit)<span class="fine">{{ $unit }}</span>@endif
                        <input name="{{ $field }}" value="{{ old($field, $content[$field] ?? '') }}"
                            placeholder="{{ $example }}" maxlength="80" autocomplete="off"></label>
                @endforeach
                <label>Developed <select name="pushed">
                        @foreach (['0' => 'as usual', '1' => 'pushed 1 stop', '2' => 'pushed 2 stops',
                            '3' => 'pushed 3 stops', '-1' => 'pulled 1 stop', '-2' => 'pulled 2 stops']
                            as $stops => $label)
                            <option value="{{ $stops }}"
                                @selected((string) old('pushed', $content['pushed'] ?? '0') === (string) $stops)>
                                {{ $label }}</option>
                        @endforeach
                    </select></label>
                <label>Loaded on <input type="date" name="loaded"
                        value="{{ old('loaded', $content['loaded'] ?? '') }}"></label>
                <label>Expires <span class="fine">month on the box</span> <input type="month" name="expires"
                        value="{{ old('expires', $content['expires'] ?? '') }}" placeholder="2026-05"></label>
            </div>
        </section>
        <details class="sheet" @if ($stored) open @endif>
            <summary>Where it is, and what the laboratory does with it</summary>
            <section aria-labelledby="its-way">
                <h2 id="its-way">Where it is</h2>
                <div class="intent-grid">
                    <label>It is <select name="stage">
                            @foreach (RollStage::cases() as $stage)
                                <option value="{{ $stage->value }}"
                                    @selected(old('stage', $content['stage'] ?? '') === $stage->value)>
                                    {{ $stage->label() }}</option>
                            @endforeach
                        </select></label>
                    <label>If it is spoiled: how <select name="mishap">
                            <option value="">not said</option>
                            @foreach (Mishap::cases() as $mishap)
                                <option value="{{ $mishap->value }}"
                                    @selected(old('mishap', $content['mishap'] ?? '') === $mishap->value)>
                                    {{ $mishap->label() }}</option>
                            @endforeach
                        </select></label>
                </div>
            </section>
            <section aria-labelledby="laboratory">
                <h2 id="laboratory">For the laboratory</h2>
                <div class="intent-grid">
                    <label>Process <select name="labProcess">
                            <option value="">as its kind</option>
                            @foreach (LabOrder::PROCESSES as $process => $label)
                                <option value="{{ $process }}"
                                    @selected(old('labProcess', $content['lab']['process'] ?? '') === $process)>
                                    {{ $label }}</option>
                            @endforeach
                        </select></label>
                    <label>Scans <span class="fine">pixels on the long side; empty: none</span> <input
                            name="labLongSide" value="{{ old('labLongSide', $content['lab']['longSide'] ?? '') }}"
                            inputmode="numeric" placeholder="6000" maxlength="5"></label>
                    <label>Look <select name="labLook">
                            <option value="">not said</option>
                            @foreach (LabOrder::LOOKS as $look => $label)
                                <option value="{{ $look }}"
                                    @selected(old('labLook', $content['lab']['look'] ?? '') === $look)>{{ $label }}
                                </option>
                            @endforeach
                        </select></label>
                    <label>Files <select name="labFiles">
                            @foreach (LabOrder::FILES as $files => $label)
                                <option value="{{ $files }}"
                                    @selected(old('labFiles', $content['lab']['files'] ?? '') === $files)>{{ $label }}
                                </option>
                            @endforeach
                        </select></label>
                    <label class="log-wide">A word to them <input name="labWord" maxlength="300"
                            value="{{ old('labWord', $content['lab']['word'] ?? '') }}" autocomplete="off"
                            placeholder="do not cut the strips"></label>
                </div>
            </section>
        </details>
        <button class="primary">{{ $stored ? 'Keep the roll' : 'Begin its log' }}</button>
    </form>
    @if ($stored)
        <form method="post" action="{{ route('film.destroy', $stored) }}" class="sheet" data-once>@csrf
            @method('delete')
            <button>Delete the roll and its log</button>
            <p class="fine">Scans that were handed in stay as they are.</p>
        </form>
    @endif
</x-layout>
