<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/**
 * On what way a picture has lost its settings. Files do not say it: sizes, shapes and formats hint at it, so it is
 * asked and not stated.
 */
enum LostSettings: string
{
    case Screenshot = 'screenshot';
    case Messenger = 'messenger';
    /** Nothing tells. */
    case Somewhere = 'somewhere';

    /** Longer sides in pixels that applications shrink pictures to before they send them. */
    private const SENT_AT = [960, 1024, 1080, 1200, 1280, 1440, 1600, 1920, 2048];

    /** Longer over shorter side of the screens of phones. No camera has a sensor of such a shape. */
    private const SCREEN_FROM = 1.9;

    private const SCREEN_TO = 2.4;

    /** Null where there are settings, or a camera that is known to record none. */
    public static function of(PictureRecord $picture): ?self
    {
        $exposure = $picture->capture->exposure;
        if ($exposure->fNumber !== null || $exposure->exposureTime !== null || $exposure->iso !== null) {
            return null;
        }
        if ($picture->capture->camera->model !== null) {
            return null;
        }
        $longer = max($picture->width, $picture->height);
        $shape = $longer / max(1, min($picture->width, $picture->height));

        return match (true) {
            $picture->format === 'PNG' => self::Screenshot,
            $shape >= self::SCREEN_FROM && $shape <= self::SCREEN_TO
                && $picture->height > $picture->width => self::Screenshot,
            in_array($longer, self::SENT_AT, true) => self::Messenger,
            default => self::Somewhere,
        };
    }

    /** What may have happened, and what helps. */
    public function sentence(): string
    {
        return match ($this) {
            self::Screenshot => 'Is it a screenshot? Those keep no settings. Send the picture itself: share it from '.
                'the gallery as a file, not as what the screen shows.',
            self::Messenger => 'Did it come through a messaging application? Those take the settings out. Send the '.
                'original: from the gallery as a file or document, by cable, or by mail in full size.',
            self::Somewhere => 'Some programs leave the settings out when they export. Send the original file if you '.
                'have it.',
        };
    }
}
