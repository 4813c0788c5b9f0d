<?php

declare(strict_types=1);

/*
 * The raw program: reads a task as JSON on standard input and writes what the sensor's values come to. Exit code 1: the
 * file is at fault, or is none that can be read.
 */

use App\Imaging\Vips\RawProgram;
use App\Imaging\Vips\Vips;

require __DIR__.'/Picture.php';
require __DIR__.'/Vips.php';
require __DIR__.'/Samples.php';
require __DIR__.'/PartsFile.php';
require __DIR__.'/LibRaw.php';
require __DIR__.'/SensorEnd.php';
require __DIR__.'/RawProgram.php';

try {
    $task = json_decode((string) stream_get_contents(STDIN), true, flags: JSON_THROW_ON_ERROR);
    (new RawProgram(new Vips((int) (getenv('VIPS_CONCURRENCY') ?: 2))))->run($task);
} catch (RuntimeException $problem) {
    fwrite(STDERR, $problem->getMessage());
    exit(1);
}
