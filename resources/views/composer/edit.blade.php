@use(TruePupil\Core\Brief\DecisionAsked)
@use(TruePupil\Core\Brief\KitRule)
@use(TruePupil\Core\Series\SeriesKind)
<x-layout title="Compose a brief" :course="$course" wide>
    <p class="eyebrow"><a href="{{ route('set-briefs.create', $course) }}">Briefs</a></p>
    <h1>{{ $isOwn ? 'Change your brief' : 'Compose a brief' }}</h1>
    @if ($problem)
        <p class="word word-problem" role="alert">{{ $problem }} <span class="fine">Everything you typed is
                below.</span></p>
    @endif
    <form method="post" action="{{ route('composer.store', $course) }}" class="composer" id="composer">
        @csrf
        <input type="hidden" name="id" value="{{ $input->text('id') }}">
        <div class="composer-main">
            <section class="sheet" aria-labelledby="composer-what">
                <h2 id="composer-what">What it is</h2>
                <div class="composer-row">
                    <label class="composer-grow">Title <input name="title" value="{{ $input->text('title') }}"
                            maxlength="120" required></label>
                    <label>Place in order <input name="number" value="{{ $input->text('number') }}" inputmode="numeric"
                            maxlength="4" required></label>
                </div>
                <label for="purpose">Purpose <span class="fine">what it teaches, in two or three
                        sentences</span></label>
                <textarea id="purpose" name="purpose" rows="3" maxlength="2000"
                    required>{{ $input->text('purpose') }}</textarea>
                <label for="task">What to do <span class="fine">one step a line</span></label>
                <textarea id="task" name="task" rows="4">{{ $input->text('task') }}</textarea>
                <label for="prompts">To think about while planning <span class="fine">one a line;
                        optional</span></label>
                <textarea id="prompts" name="prompts" rows="2">{{ $input->text('prompts') }}</textarea>
                <label for="cautions">Cautions <span class="fine">one a line; sun, night, water and heights, traffic
                        and rails, animals, people and consent, flash, workshops</span></label>
                <textarea id="cautions" name="cautions" rows="3">{{ $input->text('cautions') }}</textarea>
                <label for="phone">With a phone <span class="fine">optional; how its camera app does it, or why not and
                        what to do instead</span></label>
                <textarea id="phone" name="phone" rows="2" maxlength="2000">{{ $input->text('phone') }}</textarea>
                <div role="radiogroup" aria-label="Whether a phone can do it">
                    <label class="choice"><input type="radio" name="phoneWorks" value="1"
                            @checked($input->text('phoneWorks') !== '0')> a phone can do it</label>
                    <label class="choice"><input type="radio" name="phoneWorks" value="0"
                            @checked($input->text('phoneWorks') === '0')> a phone cannot do it as asked</label>
                </div>
            </section>
            @include('composer.checks')
            <div class="composer-more">
                <section class="sheet" aria-labelledby="composer-frames">
                    <h2 id="composer-frames">Frames</h2>
                    <div class="number-row">
                        <label>It wants <input name="frames" value="{{ $input->text('frames') }}" inputmode="numeric"
                                maxlength="2" required></label>
                        <label>and takes up to <input name="most" value="{{ $input->text('most') }}" inputmode="numeric"
                                maxlength="2" placeholder="as many"></label>
                    </div>
                    <label for="series">Several frames are</label>
                    <select id="series" name="series">
                        <option value="">each for itself, or rows</option>
                        @foreach (SeriesKind::cases() as $kind)
                            <option value="{{ $kind->value }}"
                                @selected($input->text('series') === $kind->value)>{{ $kind->label() }}</option>
                        @endforeach
                    </select>
                    <details @if ($input->rows) open @endif>
                        <summary>Several rows</summary>
                        @foreach (array_slice([...$input->rows,
                            ...array_fill(0, 3, ['id' => '', 'label' => '', 'series' => '', 'frames' => ''])], 0,
                            max(3, count($input->rows) + 1)) as $index => $row)
                            <fieldset class="composer-part">
                                <legend class="visually-hidden">Row {{ $index + 1 }}</legend>
                                <label>Name <input name="rows[{{ $index }}][label]" value="{{ $row['label'] }}"
                                        maxlength="120"></label>
                                <div class="number-row"><label>Id <input name="rows[{{ $index }}][id]"
                                            value="{{ $row['id'] }}" maxlength="40"
                                            placeholder="iso"></label><label>Frames <input
                                            name="rows[{{ $index }}][frames]" value="{{ $row['frames'] }}"
                                            inputmode="numeric" maxlength="2"></label></div>
                                <label>It is <select name="rows[{{ $index }}][series]">
                                        @foreach (SeriesKind::cases() as $kind)
                                            <option value="{{ $kind->value }}"
                                                @selected($row['series'] === $kind->value)>
                                                {{ $kind->label() }}</option>
                                        @endforeach
                                    </select>
                                </label>
                            </fieldset>
                        @endforeach
                    </details>
                </section>
                <section class="sheet" aria-labelledby="composer-subjects">
                    <h2 id="composer-subjects">Subjects to choose from <span class="fine">optional</span></h2>
                    @foreach (array_slice([...$input->placements,
                        ...array_fill(0, 3, ['label' => '', 'stops' => ''])], 0,
                        max(3, count($input->placements) + 1)) as $index => $placement)
                        <div class="composer-row">
                            <label class="composer-grow">Subject <input name="placements[{{ $index }}][label]"
                                    value="{{ $placement['label'] }}" maxlength="120"
                                    placeholder="white subject"></label>
                            <label>Belongs at <input name="placements[{{ $index }}][stops]"
                                    value="{{ $placement['stops'] }}" maxlength="10" placeholder="+1⅓"></label>
                        </div>
                    @endforeach
                    <p class="fine">Stops from mid-grey.</p>
                </section>
                <section class="sheet" aria-labelledby="composer-decides">
                    <h2 id="composer-decides">The student decides</h2>
                    @foreach (DecisionAsked::cases() as $decision)
                        <label class="choice"><input type="checkbox" name="decisions[]" value="{{ $decision->value }}"
                                @checked(in_array($decision->value, $input->decisions, true))>
                                    {{ $decision->label() }}</label>
                    @endforeach
                    <fieldset>
                        <legend>Taken with</legend>
                        @foreach (KitRule::cases() as $rule)
                            <label class="choice"><input type="checkbox" name="kit[]" value="{{ $rule->value }}"
                                    @checked(in_array($rule->value, $input->kit, true))> {{ $rule->label() }}</label>
                        @endforeach
                    </fieldset>
                    <label for="topic">Topic in the library</label>
                    <select id="topic" name="topic">
                        <option value="">among your own</option>
                        @foreach ($topics as $topic)
                            <option value="{{ $topic->value }}"
                                @selected($input->text('topic') === $topic->value)>{{ $topic->label() }}</option>
                        @endforeach
                    </select>
                    <label for="scene">To try in the practice camera</label>
                    <select id="scene" name="scene">
                        <option value="">no scene</option>
                        @foreach ($scenes as $scene)
                            <option value="{{ $scene->id }}"
                                @selected($input->text('scene') === $scene->id)>{{ $scene->words->title }}</option>
                        @endforeach
                    </select>
                </section>
            </div>
        </div>
        <div class="composer-side">
            <div class="sheet">
                @isset($tried)
                    @include('composer.trial')
                @endisset
            </div>
            @include('composer.pictures')
            <p><button class="primary">{{ $isOwn ? 'Save as a new revision' : 'Save the brief' }}</button></p>
            <p class="fine">Briefs that were set before stay as they are, whatever you change here.</p>
        </div>
    </form>
</x-layout>
