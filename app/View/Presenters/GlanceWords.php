<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Critique\SubjectGlance;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Focus\AreaFocus;

/** What a subject that is being drawn comes to, in a few words. */
final class GlanceWords
{
    /** Below, percent are not worth a word. */
    private const LEAST = 0.05;

    public static function place(SubjectGlance $glance): string
    {
        $place = $glance->subject->placement();

        return $place->amount() === '0'
            ? 'at mid-grey'
            : sprintf('%s %s mid-grey', $place->inWords(), $place->value > 0 ? 'above' : 'below');
    }

    public static function lost(SubjectGlance $glance): string
    {
        $tone = $glance->subject->tone;
        $parts = [
            'lost' => $tone->lostHighlightsPct,
            'blocked' => $tone->blockedShadowsPct,
            'gone in the raw file' => $glance->raw?->subject?->lostPct() ?? 0.0,
        ];
        $said = [];
        foreach ($parts as $what => $percent) {
            if ($percent >= self::LEAST) {
                $said[] = self::share($percent).' '.$what;
            }
        }

        return $said === [] ? 'nothing lost' : implode(', ', $said);
    }

    /** As well as a glance knows it: what is measured of the kept mark may come to a little else. */
    public static function share(float $percent): string
    {
        return $percent < 1.0 ? 'under 1 %' : sprintf('about %d %%', round($percent));
    }

    public static function sharpness(?AreaFocus $focus): string
    {
        return match (true) {
            $focus === null => 'too plain to tell whether it is sharp',
            $focus->sharpness >= Thresholds::SHARP => 'crisp',
            $focus->sharpness < Thresholds::SUBJECT_SOFT => 'soft',
            default => 'neither crisp nor soft',
        };
    }
}
