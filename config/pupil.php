<?php

return [
    'upload' => [
        // nginx and PHP are told the same by bin/serve.
        'megabytes' => 64,
        // Larger pictures are refused before they are decoded.
        'megapixels' => 120,
    ],
    // Pictures that are kept, in megabytes, and files that are on their way.
    'quota' => [
        'person_megabytes' => (int) env('PUPIL_QUOTA_PERSON', 3_000),
        'course_megabytes' => (int) env('PUPIL_QUOTA_COURSE', 60_000),
        'upload_megabytes' => (int) env('PUPIL_QUOTA_UPLOAD', 1_000),
    ],
    // Longest side of the copy that is shown and measured on, pixels.
    'working_side' => 1600,
    // What the practice camera's unpacked plates may take on the disk; those unused for longest go first.
    'kept_megabytes' => 1536,
    // Stored with every analysis, so that a later one can tell what it would replace.
    'rules_version' => 10,
    'tools' => [
        'exiftool' => env('PUPIL_EXIFTOOL', 'exiftool'),
        'php' => env('PUPIL_PHP', 'php'),
        'prlimit' => env('PUPIL_PRLIMIT', 'prlimit'),
        'seconds' => 60,
        // Files that come from outside are parsed shut in (bubblewrap), where the kernel allows it.
        'sandbox' => (bool) env('PUPIL_SANDBOX', true),
    ],
    // Whether this is the demo: then its letterbox is open to all.
    'demo' => ['password' => 'eight-evenings', 'shown' => (bool) env('PUPIL_DEMO', false)],
];
