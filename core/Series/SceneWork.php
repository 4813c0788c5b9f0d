<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

/** A row of frames of one subject: what changed between them, as far as frames and marks tell. */
final readonly class SceneWork
{
    /** Ratio of distances, or of focal lengths, that makes another picture: a quarter more. */
    public const RATIO = 1.25;

    /** Seconds after which the light, or what happens, may have changed. */
    public const LATER = 600;

    /** Heights of the subject by which the camera has gone up or down. */
    public const HIGHER = 0.15;

    /** Correlation below which two pictures no longer show the same view. */
    public const VIEW = 0.6;

    /** Correlation from which two pictures are as good as the same. */
    public const TWIN = 0.985;

    /** @param  list<SceneFrame>  $frames  in the order in which they were taken */
    public function __construct(public array $frames)
    {
    }

    public function distanceRatio(): ?float
    {
        return self::ratio(array_map(fn (SceneFrame $frame): ?float => $frame->distance(), $this->frames));
    }

    public function focalRatio(): ?float
    {
        return self::ratio(array_map(fn (SceneFrame $frame): ?float => $frame->focalLength35, $this->frames));
    }

    /** Seconds from the first frame to the last; null while fewer than two have their time. */
    public function seconds(): ?int
    {
        $times = self::known(array_map(fn (SceneFrame $frame): ?int => $frame->takenAt, $this->frames));

        return count($times) < 2 ? null : (int) (max($times) - min($times));
    }

    /** Heights of the subject between the lowest camera and the highest. */
    public function heightRange(): ?float
    {
        return self::range(array_map(fn (SceneFrame $frame): ?float => $frame->horizon, $this->frames));
    }

    /** Stops between the darkest subject and the brightest. */
    public function subjectRange(): ?float
    {
        return self::range(array_map(fn (SceneFrame $frame): ?float => $frame->subjectStops, $this->frames));
    }

    /** Stops of red against blue between the coldest grey and the warmest. */
    public function warmRange(): ?float
    {
        return self::range(array_map(fn (SceneFrame $frame): ?float => $frame->warm, $this->frames));
    }

    /** How many different directions of light were declared; null while fewer than two frames say. */
    public function lights(): ?int
    {
        return self::different(array_map(fn (SceneFrame $frame): ?string => $frame->light, $this->frames));
    }

    /** How many different ways of looking were declared; null while fewer than two frames say. */
    public function facings(): ?int
    {
        return self::different(array_map(fn (SceneFrame $frame): ?string => $frame->facing, $this->frames));
    }

    /**
     * Whether two frames were taken from places apart: neither nearer nor longer, and yet another view. Null where no
     * two frames can be laid over each other.
     */
    public function hasMoved(): ?bool
    {
        $isKnown = null;
        foreach ($this->pairs() as [$one, $other]) {
            if (self::isRatio($one->distance(), $other->distance())
                || self::isRatio($one->focalLength35, $other->focalLength35)) {
                continue;
            }
            $likeness = self::likeness($one, $other);
            if ($likeness !== null) {
                $isKnown = false;
                if ($likeness < self::VIEW) {
                    return true;
                }
            }
        }

        return $isKnown;
    }

    /**
     * Least share of the width that two neighbours show in common, in %: 0 where nothing is found; null where a picture
     * is missing, or there is one frame alone.
     */
    public function leastOverlap(): ?float
    {
        $least = null;
        foreach (array_slice($this->frames, 1) as $index => $frame) {
            $before = $this->frames[$index]->picture;
            if ($before === null || $frame->picture === null) {
                return null;
            }
            $share = Overlap::between($before, $frame->picture)?->pct() ?? 0.0;
            $least = $least === null ? $share : min($least, $share);
        }

        return $least;
    }

    /** @return list<SceneChange> what changed */
    public function changes(): array
    {
        return array_values(
            array_filter(SceneChange::cases(), fn (SceneChange $change): bool => $this->hasChanged($change) === true),
        );
    }

    /** Null where it cannot be told. */
    public function hasChanged(SceneChange $change): ?bool
    {
        return match ($change) {
            SceneChange::Distance => self::atLeast($this->distanceRatio(), self::RATIO),
            SceneChange::FocalLength => self::atLeast($this->focalRatio(), self::RATIO),
            SceneChange::Time => self::atLeast($this->seconds(), self::LATER),
            SceneChange::Height => self::atLeast($this->heightRange(), self::HIGHER),
            SceneChange::Place => $this->hasMoved(),
        };
    }

    /**
     * Frames that are as good as the same as an earlier one, by number from 1: the later, then the earlier.
     *
     * @return list<array{int, int}>
     */
    public function twins(): array
    {
        $twins = [];
        foreach ($this->frames as $index => $frame) {
            for ($earlier = 0; $earlier < $index; $earlier++) {
                $likeness = self::likeness($this->frames[$earlier], $frame);
                if ($likeness !== null && $likeness >= self::TWIN && ! self::isRatio(
                    $this->frames[$earlier]->distance(),
                    $frame->distance(),
                )) {
                    $twins[] = [$index + 1, $earlier + 1];
                    break;
                }
            }
        }

        return $twins;
    }

    /** @return iterable<array{SceneFrame, SceneFrame}> */
    private function pairs(): iterable
    {
        foreach ($this->frames as $index => $frame) {
            foreach (array_slice($this->frames, $index + 1) as $other) {
                yield [$frame, $other];
            }
        }
    }

    private static function likeness(SceneFrame $one, SceneFrame $other): ?float
    {
        return $one->picture === null || $other->picture === null
            ? null
            : Alignment::between($one->picture, $other->picture)?->likeness;
    }

    private static function isRatio(?float $one, ?float $other): bool
    {
        return $one !== null && $other !== null && max($one, $other) / min($one, $other) >= self::RATIO;
    }

    private static function atLeast(float|int|null $value, float|int $limit): ?bool
    {
        return $value === null ? null : $value >= $limit;
    }

    /** @param  list<?float>  $values */
    private static function ratio(array $values): ?float
    {
        $known = self::known($values);

        return count($known) < 2 ? null : max($known) / min($known);
    }

    /** @param  list<?float>  $values */
    private static function range(array $values): ?float
    {
        $known = self::known($values);

        return count($known) < 2 ? null : max($known) - min($known);
    }

    /** @param  list<?string>  $values */
    private static function different(array $values): ?int
    {
        $known = array_filter($values, fn (?string $value): bool => $value !== null);

        return count($known) < 2 ? null : count(array_unique($known));
    }

    /**
     * @template T of float|int
     *
     * @param  list<?T>  $values
     * @return list<T>
     */
    private static function known(array $values): array
    {
        return array_values(array_filter($values, fn (float|int|null $value): bool => $value !== null));
    }
}
