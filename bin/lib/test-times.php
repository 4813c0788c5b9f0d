<?php

/*
 * Where the time of a test run went: the sum of each suite and the twenty slowest tests, out of what
 * tests/Support/TestTimes.php wrote down.
 * Usage: php test-times.php FILE
 */

declare(strict_types=1);

$suites = $tests = [];
foreach (is_file($argv[1]) ? file($argv[1], FILE_IGNORE_NEW_LINES) : [] as $line) {
    [$seconds, $name] = explode(' ', $line, 2);
    $suite = explode('\\', $name)[1] ?? $name;
    $suites[$suite] = ($suites[$suite] ?? 0.0) + (float) $seconds;
    $tests[] = [(float) $seconds, preg_replace('/^Tests\\\\(\w+\\\\)*/', '', $name)];
}
rsort($tests);
printf("\nWhere the time of %d tests went, in seconds of all processes:\n", count($tests));
foreach ($suites as $suite => $seconds) {
    printf("%8.1f  %s\n", $seconds, $suite);
}
echo "The slowest tests:\n";
foreach (array_slice($tests, 0, 20) as [$seconds, $name]) {
    printf("%8.1f  %s\n", $seconds, $name);
}
