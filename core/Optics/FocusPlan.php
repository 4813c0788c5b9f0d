<?php

declare(strict_types=1);

namespace TruePupil\Core\Optics;

/**
 * Where to focus, and how far to stop down, so that both a near and a far limit look sharp.
 *
 * From the thin-lens limits of depth of field: focus at s = 2·n·F/(n+F); with h = f²/(N·c), the near limit n asks for
 * h = n(s−f)/(s−n), so that N = f²(s−n)/(c·n·(s−f)). A far limit at infinity gives s = 2n. Distances in metres, focal
 * length and circle of confusion in millimetres.
 */
final readonly class FocusPlan
{
    private function __construct(
        /** Where to focus, m. */
        public float $distance,
        /** The widest f-number that holds both limits. */
        public float $fNumber,
    ) {
    }

    /**
     * @param  ?float  $far  null: to infinity
     *
     * @throws InvalidOptics
     */
    public static function forLimits(float $near, ?float $far, float $focalLength, float $circleOfConfusion): self
    {
        InvalidOptics::unlessPositive('near limit', $near, 'm');
        InvalidOptics::unlessPositive('far limit', $far ?? 1.0, 'm');
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        InvalidOptics::unlessPositive('circle of confusion', $circleOfConfusion, 'mm');
        if ($far !== null && $far < $near) {
            throw InvalidOptics::reversed($near, $far);
        }
        $f = $focalLength / 1000;
        if ($near <= $f) {
            throw InvalidOptics::tooClose($near, $focalLength);
        }
        $distance = $far === null ? 2 * $near : (2 * $near * $far) / ($near + $far);

        return new self(
            $distance,
            ($f ** 2 * ($distance - $near)) / (($circleOfConfusion / 1000) * $near * ($distance - $f)),
        );
    }

    /**
     * The f-number that holds both limits while the focus stays on a subject between them.
     *
     * Near asks for h ≤ n(s−f)/(s−n); far asks for h ≤ F(s−f)/(F−s), infinity for h ≤ s−f.
     *
     * @throws InvalidOptics
     */
    public static function fNumberAt(
        float $focused,
        float $near,
        ?float $far,
        float $focalLength,
        float $circleOfConfusion,
    ): float {
        InvalidOptics::unlessPositive('focal length', $focalLength, 'mm');
        InvalidOptics::unlessPositive('circle of confusion', $circleOfConfusion, 'mm');
        foreach (
            ['focused distance' => $focused, 'near limit' => $near, 'far limit' => $far ?? 1.0] as $name => $distance
        ) {
            InvalidOptics::unlessPositive($name, $distance, 'm');
        }
        $f = $focalLength / 1000;
        if ($focused <= $f) {
            throw InvalidOptics::tooClose($focused, $focalLength);
        }
        $limits = [];
        if ($focused > $near) {
            $limits[] = ($near * ($focused - $f)) / ($focused - $near);
        }
        if ($far === null) {
            $limits[] = $focused - $f;
        } elseif ($far > $focused) {
            $limits[] = ($far * ($focused - $f)) / ($far - $focused);
        }

        // With both limits at the focused distance itself any aperture will do.
        return $limits === [] ? 0.0 : $f ** 2 / (($circleOfConfusion / 1000) * min($limits));
    }
}
