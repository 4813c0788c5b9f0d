<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

use InvalidArgumentException;

/** All that a person drew on a frame: its subject, and whatever else there is to say about its parts. */
final readonly class Marks
{
    public const MOST = 24;

    /**
     * @param  list<Mark>  $list
     * @param  ?SubjectShape  $shape  of the subject, where somebody gave it; else it is grown from the rectangle
     */
    public function __construct(
        public ?Region $subject = null,
        public array $list = [],
        public ?SubjectShape $shape = null,
    ) {
    }

    /** With a shape of the subject; the rectangle round it where none was drawn. */
    public function withShape(SubjectShape $shape): self
    {
        return new self($this->subject ?? $shape->window, $this->list, $shape);
    }

    /**
     * @param  array<mixed>  $list  of marks as Mark::toArray() gives them
     *
     * @throws InvalidArgumentException naming the mark that cannot be used
     */
    public static function read(?Region $subject, array $list): self
    {
        if (count($list) > self::MOST) {
            throw new InvalidArgumentException(
                sprintf('A frame takes up to %d marks; there are %d.', self::MOST, count($list)),
            );
        }

        return new self(
            $subject,
            array_map(fn (mixed $one): Mark => Mark::read(is_array($one) ? $one : []), array_values($list)),
        );
    }

    /** @return list<array<string, mixed>> all but the subject, as Mark::toArray() gives them */
    public function toArray(): array
    {
        return array_map(fn (Mark $mark): array => $mark->toArray(), $this->list);
    }

    /** Only a subject, as "x,y,w,h", or nothing at all. @throws InvalidArgumentException */
    public static function ofSubject(?string $text): self
    {
        return new self($text === null ? null : Region::parse($text));
    }

    /** @return list<Mark> */
    public function ofKind(MarkKind $kind): array
    {
        return array_values(array_filter($this->list, fn (Mark $mark): bool => $mark->kind === $kind));
    }

    public function first(MarkKind $kind): ?Mark
    {
        return $this->ofKind($kind)[0] ?? null;
    }

    /**
     * How far the picture leans by what was marked: the horizon, else the mean of what should be upright. Degrees,
     * positive clockwise.
     */
    public function tilt(float $aspect): ?float
    {
        $lines = $this->ofKind(MarkKind::Horizon) ?: $this->ofKind(MarkKind::Upright);

        return $lines === []
            ? null
            : array_sum(array_map(fn (Mark $line): float => $line->leaning($aspect), $lines)) / count($lines);
    }

    /**
     * How high the camera stood, in heights of the subject above its foot: where the horizon, which lies as high as
     * the camera, crosses it. Null without a marked horizon, or a subject.
     */
    public function cameraHeight(): ?float
    {
        $line = $this->first(MarkKind::Horizon);
        if ($line === null || $this->subject === null || ! isset($line->points[1])) {
            return null;
        }
        [[$ax, $ay], [$bx, $by]] = $line->points;
        $x = $this->subject->centre()['x'];
        $y = abs($bx - $ax) < 1e-6 ? null : $ay + (($by - $ay) * ($x - $ax)) / ($bx - $ax);

        return $y === null ? null : ($this->subject->y + $this->subject->height - $y) / $this->subject->height;
    }

    /** Whether a crop keeps the subject and the eye whole. */
    public function isKeptBy(Region $crop): bool
    {
        $eye = $this->first(MarkKind::Eye)?->points[0];

        return ($this->subject === null || $crop->contains($this->subject)) &&
            ($eye === null || $crop->holds($eye[0], $eye[1]));
    }

    /** How much of the marked distractions a crop still shows, 0–1 on the mean; 0 where none are marked. */
    public function distractionsIn(Region $crop): float
    {
        $distractions = $this->ofKind(MarkKind::Distraction);

        return $distractions === []
            ? 0.0
            : array_sum(array_map(fn (Mark $mark): float => $mark->bounds()->shareInside($crop), $distractions)) /
                    count($distractions);
    }
}
