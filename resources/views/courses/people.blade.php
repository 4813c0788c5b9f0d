<x-layout title="People from a list" :course="$course">
    <h1>People from a list</h1>
    <form method="post" action="{{ route('courses.people', $course) }}" enctype="multipart/form-data" class="sheet">
        @csrf
        <label for="people">Names and addresses, one person a line</label>
        <textarea id="people" name="people" rows="8"
            placeholder="Ada Fern, ada@kilnyard.example">{{ old('people', $text)
            }}</textarea>
        <label for="file">or a table (CSV)</label>
        <input type="file" id="file" name="file" accept=".csv,.txt,text/csv,text/plain">
        <button @class(['primary' => !$people])>See what will happen</button>
    </form>
    @if ($people)
        <h2>{{ trans_choice('{0} Nobody will be invited|{1} One person will be invited|'
            . '[2,*] :count people will be invited', $invited) }}</h2>
        <table class="ledger-table">
            <thead>
                <tr>
                    <th scope="col">Line</th>
                    <th scope="col">Name</th>
                    <th scope="col">Address</th>
                    <th scope="col">What will happen</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($people as $one)
                    <tr>
                        <td>{{ $one->line }}</td>
                        <th scope="row">{{ $one->name }}</th>
                        <td>{{ $one->address }}</td>
                        <td @class(['overdue' => $one->problem])>{{ $one->problem ?? ($hasMail
                            ? 'Gets a letter with a link of their own.'
                            : 'Has a place; you hand over the link from the list of members.') }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($invited)
            <form method="post" action="{{ route('courses.people', $course) }}" data-once>@csrf
                <input type="hidden" name="people" value="{{ $text }}"><input type="hidden" name="sure" value="1">
                <button class="primary">Invite {{ $invited === 1 ? 'this person' : 'these ' . $invited }}</button>
            </form>
        @endif
    @endif
</x-layout>
