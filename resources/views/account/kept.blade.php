<x-layout title="What is kept">
    <article class="kept-page">
        <h1>What is kept</h1>
        <p class="lead-text">Pictures and words of students are theirs. They are kept for the course, shown to nobody
            who does not need them, and go when they are no longer needed.</p>
        <div class="drills-scroll" tabindex="0" role="region" aria-label="What is kept, where, for how long">
            <table class="ledger-table">
                <thead>
                    <tr>
                        <th scope="col">What</th>
                        <th scope="col">Who sees it</th>
                        <th scope="col">How long</th>
                    </tr>
                </thead>
                <tbody>
                    <tr>
                        <th scope="row">Name, address, password</th>
                        <td>Your name: the courses you are in. Your address: their instructors. Your password: nobody;
                            only a sum of it is kept.</td>
                        <td>Until you delete the account</td>
                    </tr>
                    <tr>
                        <th scope="row">When you signed in, from what kind of device and out of which network</th>
                        <td>You; in the log of the installation by number, without a name</td>
                        <td>Sixty days; in the log two weeks</td>
                    </tr>
                    <tr>
                        <th scope="row">Pictures as you handed them in, with their camera record</th>
                        <td>You; from hand-in, instructors and guest critics of the course, in a copy without any
                            record. The class only if you allow it.</td>
                        <td>Until the frame, the attempt, the course or the account goes, or the course's time is over.
                            The place where a picture was taken is removed on arrival unless you want it to stay.</td>
                    </tr>
                    <tr>
                        <th scope="row">Where people, faces and things are in a picture, whether eyes are open, and
                            which way a face is turned</th>
                        <td>You and whoever critiques in the course; only if you had your browser look for them, which
                            <a href="{{ route('sight') }}">recognises nobody</a></td>
                        <td>Until you press “Forget it”, or as the pictures</td>
                    </tr>
                    <tr>
                        <th scope="row">What you say of your frames, and what is written and spoken of them; marks,
                            where your course gives any</th>
                        <td>You and whoever critiques in the course; a critique that is not published, only whoever
                            writes it, with the last ten versions of its message</td>
                        <td>As the pictures</td>
                    </tr>
                    <tr>
                        <th scope="row">What you say of other people's frames</th>
                        <td>Whoever gets the return</td>
                        <td>As that person's pictures; without your name when your account goes</td>
                    </tr>
                    <tr>
                        <th scope="row">As a teacher: sentences you keep, and how long a frame was before you</th>
                        <td>You alone</td>
                        <td>Until you take them out, or the account; the time as the pictures</td>
                    </tr>
                    <tr>
                        <th scope="row">Roll, kit, banks, rolls of film, pictures to go back for</th>
                        <td>You; the kit, and the roll that a frame is a scan of, also count when your frames are
                            critiqued</td>
                        <td>Until you delete them or the account; a frame taken off the roll for a day more</td>
                    </tr>
                    <tr>
                        <th scope="row">Plans and day’s sheets</th>
                        <td>You; whoever critiques reads what of a sheet was not ticked, and your word on it</td>
                        <td>Until you delete them or the account, or the course’s time is over</td>
                    </tr>
                    <tr>
                        <th scope="row">Ticks and notes that wait for a network, on your device</th>
                        <td>Whoever opens that device</td>
                        <td>Until they are sent, or you sign out there</td>
                    </tr>
                    <tr>
                        <th scope="row">Drills</th>
                        <td>You; instructors of a course you study in, from the day you joined it</td>
                        <td>Until you delete the account</td>
                    </tr>
                    <tr>
                        <th scope="row">Notices</th>
                        <td>You</td>
                        <td>Sixty days after you read them</td>
                    </tr>
                    <tr>
                        <th scope="row">Plans, banks and what you began, to be read without a network, on a device
                            where you stay signed in</th>
                        <td>Whoever opens that device</td>
                        <td>Thirty days after you last looked; until you sign out there</td>
                    </tr>
                    <tr>
                        <th scope="row">Where you are signed in: kind of device, network address, time</th>
                        <td>You; whoever runs the installation</td>
                        <td>{{ (int) (config('session.lifetime') / 60) }} hours after the last page</td>
                    </tr>
                    <tr>
                        <th scope="row">The course's trail: who set, published, changed, took out</th>
                        <td>Instructors of the course</td>
                        <td>As long as the course; your part of it without your name when your account goes</td>
                    </tr>
                </tbody>
            </table>
        </div>
        <p>{{ implode(' ', $where) }}</p>
        @if ($courses->isNotEmpty())
            <h2>Your courses</h2>
            <ul>
                @foreach ($courses as $course)
                    <li>{{ $course->name }} keeps attempts {{ $course->keeps_months === null ? 'as long as the course'
                        : $course->keeps_months . ' months after hand-in' }}.</li>
                @endforeach
            </ul>
            <p><a href="{{ route('account') }}">Take your data along, or delete the account</a></p>
        @endif
    </article>
</x-layout>
