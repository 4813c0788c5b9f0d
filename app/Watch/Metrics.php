<?php

declare(strict_types=1);

namespace App\Watch;

/** The parts as figures, in the text format of Prometheus (version 0.0.4). */
final readonly class Metrics
{
    /** @param  array<string, Part>  $parts */
    public static function text(array $parts): string
    {
        $lines = [
            '# HELP true_pupil_part_up Whether a part of the service is as it should be.',
            '# TYPE true_pupil_part_up gauge',
        ];
        foreach ($parts as $name => $part) {
            $lines[] = sprintf('true_pupil_part_up{part="%s"} %d', self::name($name), (int) $part->ok);
        }
        foreach ($parts as $name => $part) {
            foreach ($part->figures as $figure => $value) {
                if (is_string($value)) {
                    continue;
                }
                $metric = 'true_pupil_'.self::name($name).'_'.self::name($figure);
                array_push($lines, '# TYPE '.$metric.' gauge', $metric.' '.$value);
            }
        }
        array_push(
            $lines,
            '# TYPE true_pupil_info gauge',
            sprintf('true_pupil_info{version="%s"} 1', addcslashes((string) config('app.version'), "\\\"\n")),
        );

        return implode("\n", $lines)."\n";
    }

    private static function name(string $words): string
    {
        return preg_replace('/[^a-z0-9]+/', '_', strtolower($words)) ?? '';
    }
}
