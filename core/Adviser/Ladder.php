<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

/** How settings were come to, in the order in which a photographer decides. */
final class Ladder
{
    /** More modes than these are not told one by one. */
    private const FEW = 3;

    /** @return list<LadderStep> */
    public static function of(AdviceRequest $request, Candidate $candidate): array
    {
        $demands = $candidate->demands;
        [$aperture, $time] = [$demands->aperture, $demands->time];

        return array_values(array_filter([
            self::demanded($request->bounds),
            self::step(
                'lens',
                sprintf('%s at %d mm', $candidate->choice->lens->name, round($candidate->choice->focalLength)),
            ),
            $request->placed === null || $request->placed->inThirds() === 0
                ? null
                : self::step('tone', $request->placed->signed().' from what a meter of it says'),
            $time->movement === null ? null : self::step('subject', self::time($time->movement).' or shorter'),
            $time->look === null ? null : self::step('movement shown', self::time($time->look).' or longer'),
            $time->shake === null
                ? self::step('support', 'the tripod sets no limit')
                : self::step(
                    $candidate->support === Support::Hand ? 'hands' : $candidate->support->label(),
                    self::time($time->shake).' or shorter',
                ),
            $aperture->depth === null ? null : self::step('depth', 'from '.self::aperture($aperture->depth)),
            $aperture->separation === null
                ? null
                : self::step('soft background', 'up to '.self::aperture($aperture->separation)),
            $aperture->depth !== null || $aperture->separation !== null
                ? null
                : self::step('aperture', $request->taken?->aperture === null
                    ? 'about '.self::aperture($aperture->preferred)
                    : 'near the '.$request->taken->aperture.' that was meant'),
            $candidate->filter > 0.0 ? self::step('filter', Stops::of($candidate->filter)->inWords()) : null,
            $demands->lightLost > 0.0
                ? self::step('closeness', Stops::of($demands->lightLost)->inWords().' of light lost by focusing near')
                : null,
            self::step('so', 'ISO '.Iso::nearest(100 * 2 ** $candidate->sv)->nominal()),
        ]));
    }

    private static function demanded(SettingBounds $bounds): ?LadderStep
    {
        $says = array_filter([
            count($bounds->modes) > self::FEW
                ? 'a mode in which somebody decides'
                : implode(' or ', array_map(fn (ExposureMode $mode): string => $mode->label(), $bounds->modes)),
            implode(' or ', array_map(fn (Support $support): string => $support->label(), $bounds->supports)),
            self::between($bounds->aperture, fn (float $n): string => (string) Aperture::of($n)),
            self::between($bounds->time, fn (float $t): string => (string) ExposureTime::of($t)),
            self::between($bounds->iso, fn (float $iso): string => (string) Iso::of($iso)),
            $bounds->allowsFlash ? '' : 'no flash',
        ]);

        return $says === [] ? null : self::step('demanded', implode(', ', $says));
    }

    /**
     * @param  array{float, float}  $range
     * @param  callable(float): string  $text
     */
    private static function between(array $range, callable $text): string
    {
        [$from, $to] = $range;

        return match (true) {
            $from > 0.0 && $to < INF => $text($from).' to '.$text($to),
            $from > 0.0 => 'from '.$text($from),
            $to < INF => 'up to '.$text($to),
            default => '',
        };
    }

    private static function time(float $tv): string
    {
        return (string) ExposureTime::nearest(2 ** -$tv);
    }

    private static function aperture(float $av): string
    {
        return (string) Aperture::nearest(2 ** ($av / 2));
    }

    private static function step(string $step, string $leaves): LadderStep
    {
        return new LadderStep($step, $leaves);
    }
}
