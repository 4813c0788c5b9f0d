<?php

declare(strict_types=1);

namespace TruePupil\Core\Measures;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Focus\FocusMeasures;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Json\InvalidFields;
use TruePupil\Core\Seen\Seen;
use TruePupil\Core\Seen\SeenFace;
use TruePupil\Core\Seen\SeenFormat;

/** What was found in a picture, and what is measured of its faces. */
final readonly class PeopleMeasures
{
    /** Heights of the frame under which a face is too small for what its eyes and its turning say to be relied on. */
    public const SMALLEST_FACE = 0.08;

    /** @param  list<?FaceMeasures>  $faces  face by face */
    public function __construct(public Seen $seen, public array $faces)
    {
    }

    /** @return ?self null where nothing was found */
    public static function of(Seen $seen, PixelReading $reading, ?FocusMeasures $focus): ?self
    {
        return $seen->isEmpty()
            ? null
            : new self($seen, array_map(
                fn (SeenFace $face): ?FaceMeasures => FaceMeasures::of($face, $reading, $focus),
                $seen->faces,
            ));
    }

    /** @return list<array{SeenFace, ?FaceMeasures}> faces that are large enough, the largest first */
    public function largeFaces(): array
    {
        $large = [];
        foreach ($this->seen->faces as $at => $face) {
            if ($face->box->height >= self::SMALLEST_FACE) {
                $large[] = [$face, $this->faces[$at] ?? null];
            }
        }

        return $large;
    }

    /** With so many stops more light on all of it. */
    public function brightened(Stops $stops): self
    {
        return new self($this->seen, array_map(
            fn (?FaceMeasures $face): ?FaceMeasures => $face?->brightened($stops),
            $this->faces,
        ));
    }

    /** What was found by looking alone is doubted more than what a person said is right. */
    public function confidence(float $sure): float
    {
        return $this->seen->isConfirmed ? $sure : 0.75 * $sure;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'seen' => $this->seen->toArray(),
            'faces' => array_map(fn (?FaceMeasures $face): ?array => $face?->toArray(), $this->faces),
        ];
    }

    /** @return ?self null where nothing was found, or older rules measured */
    public static function restore(mixed $stored): ?self
    {
        if (! is_array($stored) || ! is_array($stored['seen'] ?? null)) {
            return null;
        }
        try {
            $seen = SeenFormat::read(Fields::of($stored['seen']));
        } catch (InvalidFields) {
            return null;
        }
        $faces = is_array($stored['faces'] ?? null) ? array_values($stored['faces']) : [];

        return new self($seen, array_map(
            fn (int $at): ?FaceMeasures => is_array($faces[$at] ?? null) ? FaceMeasures::restore($faces[$at]) : null,
            array_keys($seen->faces),
        ));
    }
}
