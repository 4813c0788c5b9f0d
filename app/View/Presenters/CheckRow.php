<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Wording\Quantity;
use TruePupil\Core\Checks\Measures;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Situation\Need;

/** A check with what came of it, in words. */
final readonly class CheckRow
{
    private function __construct(
        public Verdict $verdict,
        public string $sentence,
        public string $reason,
        public string $measure,
        public string $value,
        /** How far inside or beyond the limit, after a comma; empty where there is no margin. */
        public string $margin,
        /** What would have to be known; empty where everything is. */
        public string $missing,
    ) {
    }

    /**
     * @param  list<array<string, mixed>>  $checks  as stored
     * @return list<self>
     */
    public static function all(array $checks): array
    {
        return array_map(self::of(...), $checks);
    }

    /** @param  array<string, mixed>  $check */
    private static function of(array $check): self
    {
        $measure = Measures::of($check['measure']);
        $margin = $check['margin'] === null ? '' : ', '.Quantity::margin($check['margin'], $check['unit']);

        return new self(
            Verdict::from($check['verdict']),
            $check['sentence'],
            $check['reason'],
            $measure->label.(($check['ofRaw'] ?? false) ? ', in the raw file' : ''),
            is_string($check['value'])
                ? $measure->word($check['value'])
                : Quantity::quantity($check['value'], $check['unit']),
            $margin,
            implode(', ', array_map(fn (string $need): string => Need::from($need)->label(), $check['missing'])),
        );
    }
}
