<?php

declare(strict_types=1);

namespace TruePupil\Core\Focus;

/** How sharp a part of a picture is. Sharpness is as EdgeBlur::sharpness() has it. */
final readonly class AreaFocus
{
    /** Pixels of blur one way, and how many times the blur another way, from which a part moved. */
    private const MOVED = 1.2;

    private const ONE_WAY = 2.0;

    /** With fewer cells the few edges there are say which way they run, and nothing else. */
    private const LEAST_CELLS = 30;

    /** Pixels: blurs below are as good as none, and no ratio hangs on them. */
    private const NONE = 0.5;

    public function __construct(
        /** 0–1, the way in which the part is softest: what moved is sharp one way and soft the other. */
        public float $sharpness,
        /** Against the sharpest part of what it is compared with, up to 1. */
        public float $ratio,
        /** Of its cells with edges, the share that is crisp. */
        public float $crisp,
        /** The way in which it is blurred and others not, degrees from the right-hand side downwards; else null. */
        public ?float $moved = null,
    ) {
    }

    /** @param  list<int>  $cells  of the field */
    public static function of(EdgeField $edges, array $cells, float $sharpest): ?self
    {
        $blur = $edges->blur($cells);
        if ($blur === null || $sharpest <= 0.0) {
            return null;
        }
        $ways = [[$blur, null], ...$edges->ways($cells)];
        [[$softest, $degrees], [$least]] = [max($ways), min($ways)];
        $crisp = array_filter($edges->blurs($cells), fn (float $blur): bool => $blur <= FocusMeasures::CRISP);

        return new self(
            EdgeBlur::sharpness($softest),
            min(1.0, EdgeBlur::sharpness($blur) / $sharpest),
            count($crisp) / count($cells),
            count($cells) >= self::LEAST_CELLS &&
            $softest >= self::MOVED &&
            $softest >= self::ONE_WAY * max(self::NONE, $least)
                ? $degrees
                : null,
        );
    }

    public function atMost(float $sharpness): self
    {
        return new self(min($sharpness, $this->sharpness), $this->ratio, $this->crisp, $this->moved);
    }

    /** @return ?self null where nothing could be judged */
    public static function restore(mixed $stored): ?self
    {
        if (! is_array($stored)) {
            return null;
        }
        /** @var array{sharpness: float|int, ratio: float|int, crisp: float|int, moved: float|int|null} $stored */

        return new self(
            (float) $stored['sharpness'],
            (float) $stored['ratio'],
            (float) $stored['crisp'],
            $stored['moved'] === null ? null : (float) $stored['moved'],
        );
    }

    /** @return array{sharpness: float, ratio: float, crisp: float, moved: ?float} */
    public function toArray(): array
    {
        return [
            'sharpness' => $this->sharpness,
            'ratio' => $this->ratio,
            'crisp' => $this->crisp,
            'moved' => $this->moved,
        ];
    }
}
