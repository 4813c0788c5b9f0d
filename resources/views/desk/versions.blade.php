<details class="versions">
    <summary>Earlier versions of the message <span class="fine">{{ $versions->count() }}</span></summary>
    <ol class="plain-list">
        @foreach ($versions as $version)
            <li>
                <p class="fine">{{ $version->writer() }},
                    {{ $attempt->setBrief->course->formatMoment($version->updated_at) }}{{ $version->is_late
                        ? ', not published' : '' }}
                    @if ($decides)
                        <button type="button" class="plain" data-bring-back="version-{{ $version->id }}">Bring it
                            back</button>
                    @endif
                </p>
                <blockquote id="version-{{ $version->id }}">{{ $version->text }}</blockquote>
            </li>
        @endforeach
    </ol>
</details>
