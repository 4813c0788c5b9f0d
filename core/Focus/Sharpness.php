<?php

declare(strict_types=1);

namespace TruePupil\Core\Focus;

/** Sharpness, as EdgeBlur::sharpness() has it, in a word and in percent. */
final class Sharpness
{
    /** From which each word holds; those of Thresholds, where a viewer parts them. */
    private const WORDS = ['clearly sharp' => 0.52, 'fairly sharp' => 0.39, 'a little soft' => 0.32, 'soft' => 0.0];

    /** As somebody asks for it; between the words, so that each is met by what is told with it. */
    public const LEVELS = ['clearly sharp' => 0.52, 'fairly sharp' => 0.42, 'not soft' => 0.32];

    public static function told(float $sharpness): string
    {
        foreach (self::WORDS as $word => $from) {
            if ($sharpness >= $from) {
                return sprintf('%s (%.0f %%)', $word, 100 * $sharpness);
            }
        }

        return 'soft';
    }
}
