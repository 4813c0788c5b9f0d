<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

/*
 * Tests run in several processes side by side. Each has a database, a folder and a served copy of its own, which
 * bin/test has prepared: what one process stores is never seen by another.
 */
$process = getenv('TEST_TOKEN') ?: '1';
$set = static function (string $name, string $value): void {
    putenv($name.'='.$value);
    $_ENV[$name] = $_SERVER[$name] = $value;
};
$var = getenv('PUPIL_VAR');
if (is_string($var) && $var !== '') {
    $set('PUPIL_VAR', $var.'/process-'.$process);
    $set('PUPIL_KEPT', $var.'/kept');
    $set('DB_DATABASE', 'truepupil_test_'.$process);
    $urls = explode(' ', (string) getenv('PUPIL_TEST_URLS'));
    $set('PUPIL_TEST_URL', $urls[(int) $process - 1] ?? $urls[0]);
}
