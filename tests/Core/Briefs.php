<?php

declare(strict_types=1);

namespace Tests\Core;

use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Checks\BriefFormat;

/** Briefs of which nothing matters but what they check. */
final class Briefs
{
    /** @param  list<array<string, mixed>>  $checks */
    public static function asking(array $checks): Brief
    {
        $file = __DIR__.'/../../resources/briefs/in-and-out-of-the-shade.json';

        return BriefFormat::read([
            ...array_diff_key(json_decode((string) file_get_contents($file), true), ['phone' => 0]),
            'checks' => array_map(
                fn (array $check, int $at): array => [
                    'id' => 'check-'.$at,
                    'sentence' => 'So it is asked.',
                    'reason' => 'So it is.',
                    'tolerance' => 0,
                    ...$check,
                ],
                $checks,
                array_keys($checks),
            ),
        ]);
    }
}
