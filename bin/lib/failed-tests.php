<?php

declare(strict_types=1);

// What failed of a run: php failed-tests.php JUNIT.xml prints a filter for PHPUnit with those tests. It prints nothing
// where nothing failed, where more than a few did, or where one of them was no browser test: those are no accident.
const MOST = 3;

$log = is_file($argv[1] ?? '') ? simplexml_load_file($argv[1]) : false;
$failed = [];
foreach (($log === false ? null : $log->xpath('//testcase[failure or error]')) ?: [] as $case) {
    if (! str_starts_with((string) $case['class'], 'Tests\\Browser\\')) {
        exit(0);
    }
    $name = preg_replace('/ with data set .*$/', '', (string) $case['name']);
    $failed[] = preg_quote($case['class'].'::'.$name, '/');
}
echo count($failed) > MOST ? '' : implode('|', array_unique($failed));
