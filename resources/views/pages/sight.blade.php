<x-layout title="People, faces and things">
    <h1>Looking for people, faces and things</h1>
    <p class="lead">A button beside a picture looks for people, faces and things in it. You can then take the
        subject and the nearer eye by one tap, and the critique can ask about people.</p>
    <div class="sheet">
        <h2>What it does</h2>
        <ul>
            <li>It looks in your browser, on your device, at a small copy of the picture. The picture is not sent
                anywhere for it.</li>
            <li>It outlines what looks like a face, a person or an everyday thing. What you tap becomes a mark like one
                that you drew.</li>
            <li>It begins when you press the button. The first time, it loads 13 megabytes from this site: on a phone,
                you may want to wait for a wireless network.</li>
        </ul>
        <h2>What goes with your frame</h2>
        <ul>
            <li>Where faces, people and things are, how far the lids of each eye are apart, which way a face is turned,
                and where elbows, wrists, knees and ankles are. These are places and a few numbers, nothing more.</li>
            <li>The critique asks about it: “Are the eyes closed?” Once you say that all of it is right, it relies on
                it more.</li>
            <li>“Forget it” takes it back. It is removed together with the frame.</li>
        </ul>
        <h2>What it does not do</h2>
        <ul>
            <li>It does not know who somebody is, and compares no face with another.</li>
            <li>It does not guess age, sex, mood or anything else about a person.</li>
        </ul>
        <h2>When it misses</h2>
        <p>Small, turned, covered or shaded faces are often missed, and now and then one thing is taken for another.
            Your own mark always counts.</p>
    </div>
    <div class="sheet">
        <h2>The dashed outline that is there before</h2>
        <p>When a picture arrives, the program proposes a subject from what is sharp and draws the eye. It is only a
            proposal: nothing is judged by it until you take it.</p>
    </div>
</x-layout>
