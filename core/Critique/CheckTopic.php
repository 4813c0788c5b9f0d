<?php

declare(strict_types=1);

namespace TruePupil\Core\Critique;

use TruePupil\Core\Findings\Topic;

/** What a check is about, by the id of its measure: what it weighs among others, and which lesson treats it. */
final class CheckTopic
{
    public static function of(string $measure): Topic
    {
        return match (true) {
            $measure === 'record.fNumber' => Topic::Depth,
            in_array($measure, ['record.exposureTime', 'record.shakeRoom', 'record.support'], true) => Topic::Movement,
            in_array($measure, ['record.iso', 'record.isoSlack'], true) => Topic::Noise,
            in_array($measure, ['record.flash'], true) => Topic::Flash,
            in_array($measure, ['record.focalLength35'], true) => Topic::Lens,
            $measure === 'record.focusMode' => Topic::Focus,
            in_array($measure, ['record.whiteBalance', 'record.kelvin'], true) => Topic::Colour,
            in_array($measure, ['record.fileFormat', 'record.colourSpace'], true) => Topic::File,
            $measure === 'subject.sharePct' => Topic::Composition,
            default => match (strstr($measure, '.', true)) {
                'record' => Topic::Mode,
                'focus' => Topic::Focus,
                'movement', 'stars' => Topic::Movement,
                'tone', 'raw' => Topic::Tone,
                'composition', 'said' => Topic::Composition,
                'colour' => Topic::Colour,
                'series' => Topic::Series,
                'plan' => Topic::Plan,
                'film' => Topic::Film,
                default => Topic::Exposure,
            },
        };
    }
}
