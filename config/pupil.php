<?php

return [
    'upload' => [
        // nginx and PHP are told the same (deploy/).
        'megabytes' => 64,
        // Larger pictures are refused before they are decoded.
        'megapixels' => 120,
    ],
    // Who may start a course: open (anybody), invitation (with a link of pupil:invite, or teaching here), operators.
    'start' => env('PUPIL_START', 'invitation'),
    // Hours until a link for a new password counts that whoever runs the service made; its person can stop it before.
    'password_delay_hours' => (int) env('PUPIL_PASSWORD_DELAY_HOURS', 24),
    // Of whom a second factor is asked: optional (nobody), teachers (whoever teaches or runs the service), everybody.
    'second_factor' => env('PUPIL_SECOND_FACTOR', 'optional'),
    // Pictures that are kept, in megabytes, and files that are on their way.
    'quota' => [
        'person_megabytes' => (int) env('PUPIL_QUOTA_PERSON', 3_000),
        'course_megabytes' => (int) env('PUPIL_QUOTA_COURSE', 60_000),
        'upload_megabytes' => (int) env('PUPIL_QUOTA_UPLOAD', 1_000),
        // What pictures leave free on the disk, for all that is not pictures.
        'reserve_megabytes' => (int) env('PUPIL_RESERVE_MEGABYTES', 300),
    ],
    // Names under which it is reached beside APP_URL's; no other is answered, but this machine's own on loopback.
    'hosts' => array_values(array_filter(array_map(trim(...), explode(',', (string) env('TRUSTED_HOSTS', ''))))),
    // Whether pages send the browser to the store for pictures; addresses count for ten minutes. The store must be in
    // the browser's reach.
    'signed_addresses' => (bool) env('PUPIL_SIGNED_ADDRESSES', false),
    // What a node keeps near of a remote store, in megabytes.
    'near_megabytes' => (int) env('PUPIL_NEAR_MEGABYTES', 2048),
    // Who is told what is wrong: pages for operators, and the commands for cron.
    // What this node is called; its host's name where nothing is said.
    'node' => env('PUPIL_NODE'),
    'watch' => [
        // Whoever shows this ("Authorization: Bearer …") sees /readyz in detail, and /metrics.
        'token' => env('PUPIL_WATCH_TOKEN'),
        // Where pupil:alert writes to; without it, cron's own mail tells.
        'mail' => env('PUPIL_ALERT_MAIL'),
        'queue_seconds' => (int) env('PUPIL_ALERT_QUEUE_SECONDS', 300),
        'free_megabytes' => (int) env('PUPIL_ALERT_FREE_MEGABYTES', 2000),
        // The end of this certificate is watched.
        'certificate' => env('PUPIL_TLS_CERTIFICATE'),
        'lag_seconds' => (int) env('PUPIL_ALERT_LAG_SECONDS', 10),
        'backup_hours' => (int) env('PUPIL_ALERT_BACKUP_HOURS', 0),
    ],
    'backup' => [
        // A folder, or "s3:BUCKET" with the AWS_ settings of the store.
        'target' => env('PUPIL_BACKUP'),
        // A file with the key (pupil:backup --new-key writes one). Without it a backup is not encrypted.
        'key' => env('PUPIL_BACKUP_KEY'),
        'days' => (int) env('PUPIL_BACKUP_DAYS', 30),
    ],
    // Longest side of the copy that is shown and measured on, pixels.
    'working_side' => 1600,
    // What the practice camera's unpacked plates may take on the disk; those unused for longest go first.
    'kept_megabytes' => 1536,
    // Stored with every analysis, so that a later one can tell what it would replace.
    'rules_version' => 19,
    // Of the code that it counts; RulesVersionTest says when it has changed.
    'rules_fingerprint' => 'd0fe2d12cc0e5df0',
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
