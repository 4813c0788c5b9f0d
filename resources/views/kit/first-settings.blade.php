<x-layout title="First settings">
    <p class="eyebrow"><a href="{{ route('kit.edit') }}">Your kit</a></p>
    <h1>First settings</h1>
    <p class="lead-text">Set once, with the camera in your hand, before the first picture. Tick what is done.
        {{ $frame ? 'What your latest frame, ' . $frame->original_name . ', records is beside it.'
            : 'As soon as you have sent a frame, what it records stands beside each line.' }}
    </p>
    <form method="post" action="{{ route('first-settings.update') }}" class="sheet" data-once>@csrf @method('put')
        <ul class="first-settings">
            @foreach ($settings as $setting)
                <li>
                    <label class="choice"><input type="checkbox" name="ticked[]" value="{{ $setting->value }}"
                            @checked(in_array($setting->value, $ticked, true))>
                                <span><b>{{ $setting->label() }}</b><br><span
                                class="fine">{{ $setting->why() }}</span></span></label>
                    @if ($told[$setting->value])
                        <span
                            @class(['first-told', 'first-off' => $told[$setting->value][1] === false])>{{
                                $told[$setting->value][1] === null ? 'the file does not tell'
                                : ($told[$setting->value][1] ? 'as it should be' : 'look again') }}{{
                                $told[$setting->value][0] === 'not in the file' ? '' : ': '
                                . $told[$setting->value][0] }}</span>
                    @endif
                </li>
            @endforeach
        </ul>
        <p class="button-row"><button class="primary">Save the list</button>
            @if ($ticked)
                <a class="button" href="{{ route('home') }}">On to your course</a>
            @endif
        </p>
    </form>
</x-layout>
