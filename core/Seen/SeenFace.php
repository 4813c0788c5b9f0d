<?php

declare(strict_types=1);

namespace TruePupil\Core\Seen;

use TruePupil\Core\Composition\Region;

/** A face as it was found in a picture, brow to chin. Places are fractions of the displayed frame. */
final readonly class SeenFace
{
    /** Sides of the face that hair, ears and chin add, as shares of it. */
    private const HAIR = 0.2;

    private const EARS = 0.12;

    private const CHIN = 0.08;

    /** Turned by less, a face looks at the camera or nearly. */
    public const TURNED = 0.2;

    /**
     * @param  array{array{float, float}, array{float, float}}  $eyes
     *   their middles, the one further left in the picture first
     * @param  array{float, float}  $lids  how far the lids are apart, in widths of the eye, eye by eye
     * @param  float  $turn
     *   how far the tip of the nose lies from the middle between the ears, in widths of the face: −0.5 fully to the
     *   left of the picture, 0.5 to the right, 0 to the camera
     */
    public function __construct(
        public Region $box,
        public array $eyes,
        public array $lids,
        public float $turn,
    ) {
    }

    /** With its hair, ears and chin, as far as the frame goes. */
    public function head(): Region
    {
        [$width, $height] = [$this->box->width, $this->box->height];
        [$left, $top] = [
            max(0.0, $this->box->x - self::EARS * $width),
            max(0.0, $this->box->y - self::HAIR * $height),
        ];

        return Region::of(
            $left,
            $top,
            min(1.0, $this->box->x + (1 + self::EARS) * $width) - $left,
            min(1.0, $this->box->y + (1 + self::CHIN) * $height) - $top,
        );
    }

    public function isTurned(): bool
    {
        return abs($this->turn) >= self::TURNED;
    }

    /** The eye that is nearer to the camera: on the side from which a turned face looks away. 0 or 1 of its eyes. */
    public function nearerEye(): int
    {
        return $this->turn > 0.0 ? 0 : 1;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'box' => $this->box->toArray(),
            'eyes' => array_map(fn (array $eye): array => ['x' => $eye[0], 'y' => $eye[1]], $this->eyes),
            'lids' => $this->lids,
            'turn' => $this->turn,
        ];
    }
}
