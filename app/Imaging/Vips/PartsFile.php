<?php

declare(strict_types=1);

namespace App\Imaging\Vips;

use RuntimeException;

/** A file of what was taken from a picture: a line that says what follows, then the pieces, each packed for itself. */
final class PartsFile
{
    /** Of what it holds: readings of another one are made anew. 2 has the sensor's values of raw files. */
    public const VERSION = 2;

    /** Quick rather than small; what hardly becomes smaller is not packed at all. */
    private const PACKING = ['samples' => 0, 'rawSamples' => 0, 'colours' => 0, 'detail' => 0, 'closeDetail' => 0];

    private const QUICK = 1;

    /**
     * @param  array<string, mixed>  $facts
     * @param  array<string, array{array<string, int>, list<string>}>  $parts
     *   by what it is: its size, and its bytes in one piece or several
     * @param  ?string  $more  another such file, whose facts and parts go in as well
     *
     * @throws RuntimeException when it cannot be written
     */
    public static function write(string $path, array $facts, array $parts, ?string $more = null): void
    {
        [$index, $body] = [[], ''];
        foreach ($parts as $name => [$size, $pieces]) {
            $lengths = [];
            foreach ($pieces as $piece) {
                $packed = (string) gzcompress($piece, self::PACKING[$name] ?? self::QUICK);
                $lengths[] = strlen($packed);
                $body .= $packed;
            }
            $index[$name] = $size + ['pieces' => $lengths];
        }
        $head = ['version' => self::VERSION] + $facts + ['parts' => $index];
        if ($more !== null) {
            [$line, $pieces] = explode("\n", (string) file_get_contents($more), 2);
            $other = json_decode($line, true, flags: JSON_THROW_ON_ERROR);
            $head['parts'] += $other['parts'];
            $head += $other;
            $body .= $pieces;
        }
        $file = json_encode($head, JSON_THROW_ON_ERROR)."\n".$body;
        if (file_put_contents($path, $file) !== strlen($file)) {
            throw new RuntimeException('No space left on device.');
        }
    }
}
