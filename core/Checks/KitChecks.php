<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks;

use TruePupil\Core\Brief\BriefFrames;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\KitRule;
use TruePupil\Core\Checks\Measures\RecordFlash;
use TruePupil\Core\Checks\Measures\RecordSupport;
use TruePupil\Core\Checks\Measures\SeriesLenses;
use TruePupil\Core\Kit\Support;

/** The checks that follow from what a brief lets its frames be taken with. */
final class KitChecks
{
    private const REASON = 'The exercise is done with what everybody has.';

    /**
     * @param  list<Check>  $asked  what the brief asks anyway: nothing is asked of one measure twice
     * @return list<Check>
     */
    public static function of(BriefFrames $frames, array $asked): array
    {
        $measures = array_map(fn (Check $check): string => $check->measure->id, $asked);
        $made = array_filter(array_map(fn (KitRule $rule): ?Check => self::one($rule, $frames), $frames->kit));

        return array_values(
            array_filter($made, fn (Check $check): bool => ! in_array($check->measure->id, $measures, true)),
        );
    }

    /** Null where there is nothing to measure: one frame has one lens, and a phone is let in. */
    private static function one(KitRule $rule, BriefFrames $frames): ?Check
    {
        return match ($rule) {
            KitRule::NoFlash => self::check($rule, new RecordFlash(), Comparison::NoneOf, ['fired']),
            KitRule::NoTripod => self::check(
                $rule,
                new RecordSupport(),
                Comparison::NoneOf,
                [Support::Tripod->value],
            ),
            KitRule::OneLens => max($frames->least, $frames->most ?? 1) < 2
                ? null
                : self::check($rule, new SeriesLenses(), Comparison::AtMost, 1.0),
            KitRule::Phones => null,
        };
    }

    /** @param  float|list<string>  $limit */
    private static function check(KitRule $rule, Measure $measure, Comparison $comparison, float|array $limit): Check
    {
        return new Check('kit-'.$rule->value, $measure, $comparison, $limit, 0.0, $rule->label(), self::REASON);
    }
}
