<?php

/*
 * Every package that is installed, with its version, a line each: what composer.pins holds. After a change of
 * composer.json: composer update, then php bin/lib/pins.php >composer.pins
 */

declare(strict_types=1);

$installed = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/vendor/composer/installed.json'), true);
$lines = array_map(
    fn (array $package): string => $package['name'].' '.ltrim($package['version'], 'v'),
    $installed['packages'],
);
sort($lines);
echo implode("\n", $lines), "\n";
