{{-- Which frames of a roll the pictures of an attempt are: asked of whoever has a roll. --}}
<details class="sheet" @if ($errors->has('numbers*') || $errors->has('roll')) open @endif>
    <summary>{{ $matched ? 'Scans of ' . $matched : 'Are these scans of a roll of yours?' }}</summary>
    <form method="post" action="{{ route('attempts.scans', $attempt) }}" data-once>@csrf
        <label for="roll">Roll <select id="roll" name="roll">
                @foreach ($rolls as $roll)
                    <option value="{{ $roll->id }}" @selected((int) old('roll', $roll->id === $chosen ? $roll->id
                        : 0) === $roll->id)>{{ $roll->roll()->name }}</option>
                @endforeach
            </select></label>
        <ul class="scan-numbers">
            @foreach ($attempt->frames as $frame)
                <li><label>{{ $frame->original_name }} <span class="fine">frame</span> <input
                            name="numbers[{{ $frame->id }}]" maxlength="4" autocomplete="off"
                            value="{{ old('numbers.' . $frame->id, $number($frame)) }}"></label></li>
            @endforeach
        </ul>
        <button>{{ $matched ? 'Match them anew' : 'Match them' }}</button>
        <p class="fine">Numbers are taken from the files’ names; correct them as they stand at the edge of the film.
            The log then says aperture and time where you typed none.</p>
    </form>
</details>
