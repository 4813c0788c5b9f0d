<x-layout title="Faces and eyes">
    <h1>Looking for faces and eyes</h1>
    <p class="lead">A button beside a picture looks for faces and eyes in it, so that you can mark the subject and the
        nearer eye by one tap.</p>
    <div class="sheet">
        <h2>What it does</h2>
        <ul>
            <li>It looks in your browser, on your device. The picture is not sent anywhere for it, and it works without
                a network once the page is there.</li>
            <li>It outlines what looks like a face, and puts a dot on each eye. What you take becomes a mark like one
                that you drew; what you do not take is forgotten.</li>
            <li>It begins when you press the button. The first time, it loads 1.6 megabytes from this site.</li>
        </ul>
        <h2>What it does not do</h2>
        <ul>
            <li>It does not know who somebody is, and compares no face with another.</li>
            <li>It does not guess age, sex, mood or anything else about a person.</li>
            <li>It keeps nothing: neither faces nor numbers that describe them.</li>
        </ul>
        <h2>When it misses</h2>
        <p>Small, turned, covered or shaded faces are often missed, and now and then a pattern or an animal is taken for
            a face. Your own mark always counts.</p>
    </div>
    <div class="sheet">
        <h2>The dashed outline that is there before</h2>
        <p>When a picture arrives, the program proposes a subject from what is sharp and draws the eye. It is only a
            proposal: nothing is judged by it until you take it.</p>
    </div>
</x-layout>
