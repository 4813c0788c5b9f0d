<?php

declare(strict_types=1);

namespace App\Practice;

use App\Kits\KitInUse;
use App\Models\Frame;
use InvalidArgumentException;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Lens;

/**
 * A frame of the practice camera taken again: the same scene, light, moment and hands, at the settings that were
 * suggested.
 */
final readonly class Retake
{
    private const QUALITY = 86;

    public function __construct(private Finder $finder, private SceneRenderer $renderer)
    {
    }

    /** Whether the suggestion of this number can be shown so. */
    public static function isPossible(Frame $frame, int $number): bool
    {
        return self::shot($frame, $number) !== null;
    }

    /** @throws InvalidArgumentException when it cannot be shown */
    public function jpeg(Frame $frame, int $number): string
    {
        $shot =
            self::shot($frame, $number) ??
            throw new InvalidArgumentException('This frame cannot be taken again at these settings.');

        return $this->renderer
            ->picture($this->finder->look($shot)->rendering, RenderQuality::retake())
            ->jpeg(self::QUALITY);
    }

    private static function shot(Frame $frame, int $number): ?Shot
    {
        $note = $frame->picture->practiceShot?->shot;
        $suggestion = $frame->offeredSuggestions()[$number] ?? null;
        if ($note === null || $suggestion === null) {
            return null;
        }
        try {
            $lens = self::lens($frame, $suggestion->lens->name, $note);
            $shot = self::retaken(ShotNote::read($note, $lens, $suggestion->lens->focalLength), $suggestion);
        } catch (InvalidArgumentException) {
            return null;
        }

        // Beyond this the scene's plates hold nothing to show.
        return $shot->setup->focalLength35() <= $shot->scene->focalLengths35()[1] * 1.005 &&
            $shot->exposure->time?->exact <= 3600
            ? $shot
            : null;
    }

    /** The same press at other settings, set by hand. */
    private static function retaken(Shot $shot, Suggestion $suggestion): Shot
    {
        $settings = $suggestion->exposure->settings;

        return new Shot(
            $shot->scene,
            $shot->setup,
            new ShotExposure(
                ExposureMode::Manual,
                $settings->aperture,
                $settings->time,
                $settings->iso,
                Stops::none(),
                $shot->exposure->metering,
                $shot->exposure->autoIso,
                $shot->exposure->heldEv100,
            ),
            new ShotHold(
                $shot->hold->aim,
                $suggestion->support ?? $shot->hold->support,
                $shot->hold->stabilised,
                $shot->hold->followed,
                $shot->hold->lean,
            ),
            $shot->press,
            new ShotLight(
                $shot->light->condition,
                $suggestion->exposure->filterStops,
                $shot->light->graduated,
                $shot->light->flash,
                $shot->light->kelvin,
                $shot->light->flashFrom,
            ),
            new ShotFocus(
                $suggestion->lens->focusDistance ?? $shot->focusing->distance,
                $shot->focusing->point,
                $shot->focusing->mode,
                $shot->focusing->tracks,
            ),
        );
    }

    /** @param  array<string, mixed>  $note */
    private static function lens(Frame $frame, ?string $name, array $note): ?Lens
    {
        if ($name === null || $name === $note['lens']['name']) {
            return null;
        }

        return KitInUse::of($frame->attempt->user)?->lensNamed($name) ??
            throw new InvalidArgumentException(sprintf('There is no lens "%s" in the kit.', $name));
    }
}
