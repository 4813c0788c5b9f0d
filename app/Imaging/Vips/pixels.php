<?php

declare(strict_types=1);

/*
 * The pixel program: reads a task as JSON on standard input, prints the answer as JSON. Exit code 1: the picture is at
 * fault. It loads no framework, so that it starts in a few hundredths of a second.
 */

use App\Imaging\Vips\PixelProgram;
use App\Imaging\Vips\Vips;

require __DIR__.'/Picture.php';
require __DIR__.'/Vips.php';
require __DIR__.'/Edges.php';
require __DIR__.'/Samples.php';
require __DIR__.'/Tones.php';
require __DIR__.'/PartsFile.php';
require __DIR__.'/PixelProgram.php';

try {
    $task = json_decode((string) stream_get_contents(STDIN), true, flags: JSON_THROW_ON_ERROR);
    $threads = (int) (getenv('VIPS_CONCURRENCY') ?: 2);
    $isJpeg = @file_get_contents($task['source'], length: 3) === "\xff\xd8\xff";
    // As OutsideProgram waits for it.
    $isReady = function (): void {
        fwrite(STDOUT, "ready\n");
    };
    $program = new PixelProgram(new Vips($threads, hasModules: ! $isJpeg));
    echo json_encode($program->run($task, $isReady), JSON_THROW_ON_ERROR);
} catch (RuntimeException $problem) {
    fwrite(STDERR, $problem->getMessage());
    exit(1);
}
