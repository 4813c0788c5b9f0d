{{-- What few own and nobody has to say: filters, automatic ISO, a flash, film. --}}
<details class="sheet" @if ($errors->hasAny($form::MORE) || $form->hasMore()) open @endif>
    <summary>More <span class="fine">filters, automatic ISO, a flash, film</span></summary>
    <fieldset>
        <legend>Filters and automatic ISO</legend>
        <div class="intent-grid">
            <label>Neutral-density filters <span class="fine">stops each, with spaces</span> <input
                        name="filters"
                    value="{{ $form->field('filters') }}" maxlength="100" placeholder="3 6 10"></label>
            <label>Automatic ISO from <input name="autoFloor" value="{{ $form->field('autoFloor') }}" maxlength="20"
                    placeholder="100"></label>
            <label>up to <input name="autoCeiling" value="{{ $form->field('autoCeiling') }}" maxlength="20"
                    placeholder="6400"></label>
            <label>no slower than <span class="fine">s</span> <input name="autoSlowest"
                    value="{{ $form->field('autoSlowest') }}" maxlength="20" placeholder="1/125"></label>
        </div>
    </fieldset>
    <fieldset>
        <legend>Flash</legend>
        <div class="intent-grid">
            <label>Guide number <span class="fine">m at ISO 100</span> <input name="guideNumber"
                    value="{{ $form->field('guideNumber') }}" maxlength="20" placeholder="28"></label>
            <label>Off the camera at <span class="fine">m from the subject</span> <input name="flashDistance"
                    value="{{ $form->field('flashDistance') }}" maxlength="20" placeholder="on the camera"></label>
            <label>To the side <span class="fine">°; minus is left</span> <input name="flashSide"
                    value="{{ $form->field('flashSide') }}" maxlength="20" placeholder="45"></label>
            <label>Above the eyes <span class="fine">°</span> <input name="flashHeight"
                    value="{{ $form->field('flashHeight') }}" maxlength="20" placeholder="30"></label>
        </div>
        <div class="intent-flags">
            <label><input type="checkbox" name="canBounce" value="1" @checked($form->field('canBounce'))> its head
                turns to the ceiling</label>
            <label><input type="checkbox" name="highSpeedSync" value="1"
                    @checked($form->field('highSpeedSync'))> it lights faster than the sync time, too</label>
        </div>
    </fieldset>
    <fieldset>
        <legend>Film in the camera</legend>
        <div class="intent-grid">
            <label>Its name <input name="filmName"
                    value="{{ $form->field('filmName') }}" maxlength="80"></label>
            <label>Its box speed <input name="filmSpeed" value="{{ $form->field('filmSpeed') }}" maxlength="20"
                    placeholder="200"></label>
            <label>Its kind <select name="filmKind">
                    <option value="">no film</option>
                    @foreach (\TruePupil\Core\Film\FilmKind::cases() as $kind)
                        <option value="{{ $kind->value }}"
                            @selected($form->field('filmKind') === $kind->value)>{{ $kind->label() }}
                        </option>
                    @endforeach
                </select>
            </label>
            <label>Expired <span class="fine">years ago</span> <input name="filmYears"
                    value="{{ $form->field('filmYears') }}" maxlength="10" placeholder="0"></label>
            <label>Exposed at <span class="fine">if not at its box speed</span> <input name="filmIndex"
                    value="{{ $form->field('filmIndex') }}" maxlength="20" placeholder="100"></label>
            <label>Developed <select name="filmPushed">
                    @foreach (['0' => 'as usual', '1' => 'pushed 1 stop', '2' => 'pushed 2 stops',
                        '3' => 'pushed 3 stops', '-1' => 'pulled 1 stop', '-2' => 'pulled 2 stops']
                        as $stops => $label)
                        <option value="{{ $stops }}"
                            @selected((string) $form->field('filmPushed') === (string) $stops)>{{ $label }}</option>
                    @endforeach
                </select></label>
            <p class="log-wide fine"><a href="{{ route('film') }}">Rolls of film</a>: their logs, and orders for the
                laboratory.</p>
        </div>
    </fieldset>
</details>
